// Imported before anything else: React and others choose their make by this as they are loaded.
process.env.NODE_ENV ||= "production";
