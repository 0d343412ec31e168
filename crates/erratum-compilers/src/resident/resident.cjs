// Checks TypeScript on request, through the public interface of the compiler package, without
// writing anything and without running anything.
//
// A request is one line: id, folder, origin, files; separated by the character 0x1f. The origin is
// the folder in which the learner's files stand: its settings and its packages are used. For each
// request, lines "message ..." and "note ..." and one line "done id" are printed.
//
// Node can run this to keep a snapshot of the start: it then holds the compiler and the library files
// as they are once read, and answers when it is started from the snapshot.
"use strict";
const fs = require("fs");
const path = require("path");
const readline = require("readline");
const v8 = require("v8");
const vm = require("vm");

const building = v8.startupSnapshot?.isBuildingSnapshot?.() ?? false;
const ts = building ? load(process.argv[2]) : require(process.argv[2]);

const FIELD = "\u001f";
const parsed = new Map();
let before;
// Every copy is shown to the compiler under the name of the first: a program of the same files keeps
// the structure of the one before, and only the changed texts are read.
let shown;
let asked;

// While a snapshot is built, only what is built into Node can be required.
function load(file) {
    const module = { exports: {} };
    const names = "exports, require, module, __filename, __dirname";
    const text = `(function (${names}) {${fs.readFileSync(file, "utf8")}\n})`;
    const run = vm.runInThisContext(text, { filename: file });
    run.call(module.exports, module.exports, require, module, file, path.dirname(file));
    return module.exports;
}

function line(...fields) {
    const clean = fields.map(field => String(field).replace(/\\/g, "\\\\").replace(/\r/g, "")
        .replace(/\n/g, "\\n").replace(/\u001f/g, " "));
    process.stdout.write(clean.join(FIELD) + "\n");
}

function plain(files) {
    const script = files.length > 0 && files.every(file => /\.[cm]?jsx?$/.test(file));
    return {
        target: ts.ScriptTarget.ES2022, module: ts.ModuleKind.ESNext,
        moduleResolution: ts.ModuleResolutionKind.Bundler ?? ts.ModuleResolutionKind.Node10,
        strict: !script, allowJs: script, checkJs: script, types: [],
    };
}

function settings(origin, files) {
    const found = ts.findConfigFile(origin, ts.sys.fileExists);
    let options = plain(files);
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

function within(name, folder) {
    return path.resolve(name).startsWith(folder + path.sep);
}

// Files outside of the copy do not change while a command runs.
function host(options, folder, origin) {
    const made = ts.createCompilerHost(options, true);
    const real = name => within(name, shown) ? folder + path.resolve(name).slice(shown.length)
        : path.resolve(name) === shown ? folder : name;
    const read = made.getSourceFile.bind(made);
    const text = made.readFile.bind(made);
    const { fileExists, directoryExists, getDirectories, realpath } = made;
    made.getCurrentDirectory = () => shown;
    made.readFile = name => text(real(name));
    made.fileExists = name => fileExists(real(name));
    made.directoryExists = directoryExists && (name => directoryExists(real(name)));
    made.getDirectories = getDirectories && (name => getDirectories(real(name)));
    made.realpath = realpath && (name => within(name, shown) ? name : realpath(real(name)));
    made.getSourceFile = (name, version, ...rest) => {
        if (within(name, shown)) {
            const own = made.readFile(name);
            return own === undefined ? undefined : ts.createSourceFile(name, own, version, true);
        }
        // A file is read differently for another target.
        const key = [name, version?.languageVersion ?? version, version?.jsDocParsingMode].join(FIELD);
        if (!parsed.has(key)) {
            parsed.set(key, read(name, version, ...rest));
        }
        return parsed.get(key);
    };
    // Packages stand beside the learner's files, not beside the copy.
    made.resolveModuleNameLiterals = (literals, from, redirected, all) => literals.map(literal => {
        const near = ts.resolveModuleName(literal.text, from, all, made, undefined, redirected);
        if (near.resolvedModule || literal.text.startsWith(".")) {
            return near;
        }
        const there = path.join(origin, path.relative(shown, from));
        return ts.resolveModuleName(literal.text, there, all, made, undefined, redirected);
    });
    return made;
}

function place(file, start, length) {
    if (!file) {
        return ["", 0, 0, 0, 0];
    }
    const from = file.getLineAndCharacterOfPosition(start ?? 0);
    const to = file.getLineAndCharacterOfPosition((start ?? 0) + (length ?? 0));
    const name = within(file.fileName, shown) ? path.relative(shown, file.fileName) : file.fileName;
    return [name.replace(/\\/g, "/"), from.line + 1, from.character + 1, to.line + 1, to.character + 1];
}

function check(id, folder, origin, files) {
    // Another folder has other settings and packages: nothing of the one before is of use.
    if (asked !== origin) {
        [asked, shown, before] = [origin, folder, undefined];
    }
    const options = settings(origin, files);
    const names = files.map(file => path.join(shown, file));
    const program = ts.createProgram(names, options, host(options, folder, origin), before);
    before = program;
    const own = program.getSourceFiles().filter(file => within(file.fileName, shown));
    // As on the command line: with a syntax error, types are not looked at.
    let all = own.flatMap(file => program.getSyntacticDiagnostics(file));
    if (all.length === 0) {
        all = [...program.getOptionsDiagnostics(), ...program.getGlobalDiagnostics(),
            ...own.flatMap(file => program.getSemanticDiagnostics(file))];
    }
    const words = text => ts.flattenDiagnosticMessageText(text, "\n").replaceAll(shown + "/", folder + "/");
    for (const one of ts.sortAndDeduplicateDiagnostics(all)) {
        const kind = one.category === ts.DiagnosticCategory.Error ? "ERROR"
            : one.category === ts.DiagnosticCategory.Warning ? "WARNING" : "NOTE";
        line("message", id, kind, "TS" + one.code, ...place(one.file, one.start, one.length), words(one.messageText));
        for (const near of one.relatedInformation ?? []) {
            line("note", id, ...place(near.file, near.start, near.length), words(near.messageText));
        }
    }
}

function requests() {
    readline.createInterface({ input: process.stdin }).on("line", text => {
        const [id, folder, origin, ...files] = text.split(FIELD);
        try {
            check(id, folder, origin, files);
        } catch (trouble) {
            line("message", id, "ERROR", "resident.crash", "", 0, 0, 0, 0, "the compiler crashed: " + trouble);
        }
        line("done", id);
    }).on("close", () => process.exit(0));
}

// Reads and binds the library files of the usual settings.
function learn() {
    const options = { ...plain([]), noEmit: true, skipLibCheck: true };
    shown = path.resolve("erratum-learns");
    const name = path.resolve("erratum-learns.ts");
    const made = host(options, shown, path.resolve("."));
    const [read, exists] = [made.getSourceFile, made.fileExists];
    made.fileExists = file => file === name || exists(file);
    made.getSourceFile = (file, version, ...rest) => file === name
        ? ts.createSourceFile(file, "const berths: number[] = [3].map(one => one + 1);", version, true)
        : read(file, version, ...rest);
    const program = ts.createProgram([name], options, made);
    program.getSemanticDiagnostics(program.getSourceFile(name));
}

function answer() {
    line("ready " + ts.version);
    requests();
}

if (building) {
    learn();
    v8.startupSnapshot.setDeserializeMainFunction(answer);
} else {
    answer();
}
