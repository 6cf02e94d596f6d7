import ts from "typescript";

/** A text with {words} that goes where it is read as it stands. */
export type Leak = { readonly file: string; readonly line: number; readonly text: string };

const BRACED = /\{(pane|rebate|bead|sprig|packer|toughened|unit|bar|sill|putty)s?\}/i;
/** What gives back the text, or the list, that it was asked of. */
const SAME_TEXT =
  /^(replace|replaceAll|slice|trim|trimEnd|toLowerCase|join|concat|filter|at|toSorted|sort|reverse|split|padEnd)$/;
/** A list of lists of texts is looked into, and nothing deeper. */
const LISTS_IN_LISTS = 2;

/** Follows texts with {words} through a program: from the literals they stand in to wherever they are handed. */
export function leaksOf(program: ts.Program, within: (file: string) => boolean): readonly Leak[] {
  const checker = program.getTypeChecker();
  const leaks: Leak[] = [];
  const report = (node: ts.Expression, file: ts.SourceFile): void => {
    leaks.push({
      file: file.fileName,
      line: file.getLineAndCharacterOfPosition(node.getStart()).line + 1,
      text: node.getText().slice(0, 90),
    });
  };
  const known = new Map<ts.Symbol, boolean>();

  const isTemplate = (type: ts.Type | undefined, within = 0): boolean => {
    if (!type || within > LISTS_IN_LISTS) return false;
    if (type.isUnion()) return type.types.some((t) => isTemplate(t, within));
    if (type.isIntersection() || type.flags & ts.TypeFlags.Object)
      if (type.getProperties().some((p) => String(p.escapedName).startsWith("__@template@"))) return true;
    const each = checker.isArrayLikeType(type) ? checker.getIndexTypeOfType(type, ts.IndexKind.Number) : undefined;
    return isTemplate(each, within + 1);
  };
  const isOpen = (type: ts.Type): boolean =>
    (type.flags & (ts.TypeFlags.TypeParameter | ts.TypeFlags.Any | ts.TypeFlags.Unknown)) !== 0;

  const hasWords = (expression: ts.Expression): boolean => {
    if (
      ts.isParenthesizedExpression(expression) ||
      ts.isAsExpression(expression) ||
      ts.isSatisfiesExpression(expression) ||
      ts.isNonNullExpression(expression)
    )
      return hasWords(expression.expression);
    if (ts.isStringLiteralLike(expression)) return BRACED.test(expression.text);
    if (ts.isTemplateExpression(expression))
      return (
        BRACED.test(expression.head.text + expression.templateSpans.map((s) => s.literal.text).join("")) ||
        expression.templateSpans.some((s) => hasWords(s.expression))
      );
    if (ts.isConditionalExpression(expression)) return hasWords(expression.whenTrue) || hasWords(expression.whenFalse);
    if (ts.isBinaryExpression(expression)) {
      const kind = expression.operatorToken.kind;
      if (kind === ts.SyntaxKind.AmpersandAmpersandToken) return hasWords(expression.right);
      if ([ts.SyntaxKind.PlusToken, ts.SyntaxKind.BarBarToken, ts.SyntaxKind.QuestionQuestionToken].includes(kind))
        return hasWords(expression.left) || hasWords(expression.right);
      return false;
    }
    if (ts.isArrayLiteralExpression(expression))
      return expression.elements.some((e) => hasWords(ts.isSpreadElement(e) ? e.expression : e));
    if (
      ts.isCallExpression(expression) &&
      ts.isPropertyAccessExpression(expression.expression) &&
      SAME_TEXT.test(expression.expression.name.text)
    )
      if (hasWords(expression.expression.expression)) return true;
    if (ts.isIdentifier(expression)) {
      const symbol = checker.getSymbolAtLocation(expression);
      const made = symbol?.valueDeclaration;
      if (
        symbol &&
        made &&
        ts.isVariableDeclaration(made) &&
        !made.type &&
        made.initializer &&
        ts.isIdentifier(made.name)
      ) {
        if (!known.has(symbol)) {
          known.set(symbol, false);
          known.set(symbol, hasWords(made.initializer));
        }
        if (known.get(symbol)) return true;
      }
    }
    return isTemplate(checker.getTypeAtLocation(expression));
  };

  /** Whether the value goes on as it is, in something larger that is looked at for itself. */
  const goesOn = (expression: ts.Expression): boolean => {
    const { parent } = expression;
    if (ts.isParenthesizedExpression(parent) || ts.isAsExpression(parent) || ts.isSatisfiesExpression(parent))
      return true;
    if (ts.isNonNullExpression(parent) || ts.isTemplateSpan(parent) || ts.isArrayLiteralExpression(parent)) return true;
    if (ts.isSpreadElement(parent)) return true;
    if (ts.isConditionalExpression(parent)) return parent.condition !== expression;
    return ts.isBinaryExpression(parent) && hasWords(parent);
  };

  /** Whether it is handed on here to somebody. */
  const isHanded = (expression: ts.Expression): boolean => {
    const { parent } = expression;
    if (ts.isCallExpression(parent) || ts.isNewExpression(parent))
      return parent.arguments?.includes(expression) ?? false;
    if (ts.isArrowFunction(parent)) return parent.body === expression;
    if (ts.isPropertyAssignment(parent)) return parent.initializer === expression;
    if (ts.isVariableDeclaration(parent)) return parent.type !== undefined;
    if (ts.isBinaryExpression(parent))
      return parent.operatorToken.kind === ts.SyntaxKind.EqualsToken && parent.right === expression;
    // A key tells a list's lines apart and is read by nobody.
    if (ts.isJsxExpression(parent) && ts.isJsxAttribute(parent.parent)) return parent.parent.name.getText() !== "key";
    if (ts.isJsxAttribute(parent)) return parent.initializer === expression;
    return ts.isReturnStatement(parent) || ts.isJsxExpression(parent);
  };

  /** A name that stands for its own property, in an object whose kind is known and keeps a plain text there. */
  const shortened = (given: ts.ShorthandPropertyAssignment): boolean => {
    const value = checker.getShorthandAssignmentValueSymbol(given);
    const object = checker.getContextualType(given.parent);
    const kept = object && checker.getPropertyOfType(object, given.name.text);
    const to = kept && checker.getTypeOfSymbol(kept);
    if (!value || !to || isOpen(to) || isTemplate(to)) return false;
    const made = value.valueDeclaration;
    const isMade = made && ts.isVariableDeclaration(made) && !made.type && made.initializer;
    return isTemplate(checker.getTypeOfSymbolAtLocation(value, given)) || (!!isMade && hasWords(isMade));
  };

  const look = (node: ts.Node, file: ts.SourceFile): void => {
    if (ts.isExpression(node) && !ts.isJsxExpression(node) && !goesOn(node) && isHanded(node) && hasWords(node)) {
      const to = checker.getContextualType(node);
      const fits = to && !isOpen(to) ? isTemplate(to) : isTemplate(checker.getTypeAtLocation(node));
      if (!fits) report(node, file);
    }
    if (ts.isShorthandPropertyAssignment(node) && shortened(node)) report(node.name, file);
    ts.forEachChild(node, (child) => look(child, file));
  };
  for (const file of program.getSourceFiles()) if (within(file.fileName)) look(file, file);
  return leaks;
}
