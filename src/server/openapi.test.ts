import { Validator } from "@seriousme/openapi-schema-validator";
import { describe, expect, it } from "vitest";
import { ROUTES } from "../contract/routes.ts";
import { openApi } from "./openapi.ts";

describe("the document of the interface", () => {
  it("is OpenAPI 3.1 by its own schema, and every reference in it leads somewhere", async () => {
    const validator = new Validator();
    const found = await validator.validate(JSON.parse(JSON.stringify(openApi())));
    expect(found).toEqual({ valid: true });
    expect(validator.version).toBe("3.1");
    expect(() => validator.resolveRefs()).not.toThrow();
  });
  it("names every endpoint by its method, with what it takes and what it answers", () => {
    const { paths } = openApi() as {
      paths: Record<string, Record<string, { responses: object; requestBody?: object }>>;
    };
    for (const r of ROUTES) {
      const operation = paths[r.path]?.[r.method];
      expect([r.path, r.method, operation !== undefined]).toEqual([r.path, r.method, true]);
      expect(Object.keys(operation?.responses ?? {}), r.path).toEqual(expect.arrayContaining(["200"]));
      if (r.method === "post" && r.input)
        expect([r.path, operation?.requestBody !== undefined]).toEqual([r.path, true]);
    }
  });
  it("a broken one is found out", async () => {
    const doc = JSON.parse(JSON.stringify(openApi())) as { info: { title?: string } };
    delete doc.info.title;
    expect(await new Validator().validate(doc)).toMatchObject({ valid: false });
  });
});
