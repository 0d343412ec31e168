// Checks TypeScript on request, through the public interface of the compiler package, without
// writing anything and without running anything.
//
// A request is one line: id, folder, origin, files; separated by the character 0x1f. The origin is
// the folder in which the learner's files stand: its settings and its packages are used. For each
// request, lines "message ..." and "note ..." and one line "done id" are printed.
"use strict";
const path = require("path");
const readline = require("readline");
const ts = require(process.argv[2]);

const FIELD = "\u001f";
const parsed = new Map();
let before;

function line(...fields) {
    const clean = fields.map(field => String(field).replace(/\\/g, "\\\\").replace(/\r/g, "")
        .replace(/\n/g, "\\n").replace(/\u001f/g, " "));
    process.stdout.write(clean.join(FIELD) + "\n");
}

function settings(origin, files) {
    const script = files.every(file => /\.[cm]?jsx?$/.test(file));
    const plain = {
        target: ts.ScriptTarget.ES2022, module: ts.ModuleKind.ESNext,
        moduleResolution: ts.ModuleResolutionKind.Bundler ?? ts.ModuleResolutionKind.Node10,
        strict: !script, allowJs: script, checkJs: script, types: [],
    };
    const found = ts.findConfigFile(origin, ts.sys.fileExists);
    let options = plain;
    if (found) {
        const read = ts.readConfigFile(found, ts.sys.readFile);
        if (!read.error) {
            const own = ts.parseJsonConfigFileContent(read.config, ts.sys, path.dirname(found));
            options = { ...own.options };
            delete options.rootDir;
        }
    }
    return { ...options, noEmit: true, composite: false, incremental: false, skipLibCheck: true };
}

// Files outside of the copy do not change while a command runs.
function host(options, folder, origin) {
    const made = ts.createCompilerHost(options, true);
    const read = made.getSourceFile.bind(made);
    made.getCurrentDirectory = () => folder;
    made.getSourceFile = (name, version, ...rest) => {
        if (path.resolve(name).startsWith(folder + path.sep)) {
            return read(name, version, ...rest);
        }
        if (!parsed.has(name)) {
            parsed.set(name, read(name, version, ...rest));
        }
        return parsed.get(name);
    };
    // Packages stand beside the learner's files, not beside the copy.
    made.resolveModuleNameLiterals = (literals, from, redirected, all) => literals.map(literal => {
        const near = ts.resolveModuleName(literal.text, from, all, made, undefined, redirected);
        if (near.resolvedModule || literal.text.startsWith(".")) {
            return near;
        }
        const there = path.join(origin, path.relative(folder, from));
        return ts.resolveModuleName(literal.text, there, all, made, undefined, redirected);
    });
    return made;
}

function place(file, folder, start, length) {
    if (!file) {
        return ["", 0, 0, 0, 0];
    }
    const from = file.getLineAndCharacterOfPosition(start ?? 0);
    const to = file.getLineAndCharacterOfPosition((start ?? 0) + (length ?? 0));
    const inside = path.resolve(file.fileName).startsWith(folder + path.sep);
    const name = inside ? path.relative(folder, file.fileName) : file.fileName;
    return [name.replace(/\\/g, "/"), from.line + 1, from.character + 1, to.line + 1, to.character + 1];
}

function check(id, folder, origin, files) {
    const options = settings(origin, files);
    const names = files.map(file => path.join(folder, file));
    const program = ts.createProgram(names, options, host(options, folder, origin), before);
    before = program;
    const own = program.getSourceFiles().filter(file => path.resolve(file.fileName).startsWith(folder + path.sep));
    // As on the command line: with a syntax error, types are not looked at.
    let all = own.flatMap(file => program.getSyntacticDiagnostics(file));
    if (all.length === 0) {
        all = [...program.getOptionsDiagnostics(), ...program.getGlobalDiagnostics(),
            ...own.flatMap(file => program.getSemanticDiagnostics(file))];
    }
    for (const one of ts.sortAndDeduplicateDiagnostics(all)) {
        const kind = one.category === ts.DiagnosticCategory.Error ? "ERROR"
            : one.category === ts.DiagnosticCategory.Warning ? "WARNING" : "NOTE";
        line("message", id, kind, "TS" + one.code, ...place(one.file, folder, one.start, one.length),
            ts.flattenDiagnosticMessageText(one.messageText, "\n"));
        for (const near of one.relatedInformation ?? []) {
            line("note", id, ...place(near.file, folder, near.start, near.length),
                ts.flattenDiagnosticMessageText(near.messageText, "\n"));
        }
    }
}

line("ready " + ts.version);
readline.createInterface({ input: process.stdin }).on("line", text => {
    const [id, folder, origin, ...files] = text.split(FIELD);
    try {
        check(id, folder, origin, files);
    } catch (trouble) {
        line("message", id, "ERROR", "resident.crash", "", 0, 0, 0, 0, "the compiler crashed: " + trouble);
    }
    line("done", id);
}).on("close", () => process.exit(0));
