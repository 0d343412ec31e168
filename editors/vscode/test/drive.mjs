// Drives the server with the protocol library that the extension's client is built on.

import assert from "node:assert/strict";
import { spawn } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import protocol from "vscode-languageserver-protocol/node.js";

const program = process.env.ERRATUM ?? "erratum";
const folder = mkdtempSync(join(tmpdir(), "erratum-"));
const file = join(folder, "quay.c");
const text = "int berths(int zone) {\n    int free = 4\n    return free + zoen;\n}\n";
writeFileSync(file, text);
const uri = pathToFileURL(file).href;

const server = spawn(program, ["lsp"], { stdio: ["pipe", "pipe", "inherit"] });
const connection = protocol.createProtocolConnection(
  new protocol.StreamMessageReader(server.stdout),
  new protocol.StreamMessageWriter(server.stdin),
);
connection.listen();
const started = await connection.sendRequest(protocol.InitializeRequest.type, {
  processId: process.pid,
  rootUri: null,
  capabilities: { workspace: { workspaceEdit: { documentChanges: true } } },
});
assert.equal(started.serverInfo.name, "erratum");
await connection.sendNotification(protocol.InitializedNotification.type, {});
await connection.sendNotification(protocol.DidOpenTextDocumentNotification.type, {
  textDocument: { uri, languageId: "c", version: 1, text },
});
const report = await connection.sendRequest(protocol.DocumentDiagnosticRequest.type, { textDocument: { uri } });
const lines = report.items.map((one) => [one.range.start.line, one.severity]);
assert.deepEqual(lines, [[1, 1], [2, 3]]);
const at = { line: 1, character: 4 };
const actions = await connection.sendRequest(protocol.CodeActionRequest.type, {
  textDocument: { uri },
  range: { start: at, end: at },
  context: { diagnostics: report.items },
});
assert.equal(actions[0].title, "Add `;` at the end of line 2 (proved)");
assert.equal(actions[0].edit.documentChanges[0].edits[0].newText, ";");
const meaning = await connection.sendRequest(protocol.ExecuteCommandRequest.type, {
  command: "erratum.means",
  arguments: ["argument"],
});
assert.ok(meaning.Ok[0].meaning.length > 0);
await connection.sendRequest(protocol.ShutdownRequest.type);
await connection.sendNotification(protocol.ExitNotification.type);
const status = await new Promise((resolve) => server.on("exit", resolve));
assert.equal(status, 0);
connection.dispose();
rmSync(folder, { recursive: true });
console.log("The server answers the client's library.");
