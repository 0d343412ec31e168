// Starts the server and hands two commands on to it; everything else is done by the client library.

import * as vscode from "vscode";
import { ExecuteCommandRequest, LanguageClient } from "vscode-languageclient/node";

const LANGUAGES = [
  "c", "cpp", "java", "rust", "typescript", "haskell", "pascal", "csharp", "scala", "go", "vb", "qml",
];

interface Answer {
  title: string;
  meaning: string;
}

let client: LanguageClient | undefined;

export async function activate(context: vscode.ExtensionContext): Promise<void> {
  const settings = vscode.workspace.getConfiguration("erratum");
  const command = settings.get<string>("path", "erratum");
  client = new LanguageClient(
    "erratum",
    "Erratum",
    { command, args: ["lsp"] },
    {
      documentSelector: LANGUAGES.map((language) => ({ scheme: "file", language })),
      initializationOptions: { follows: settings.get<boolean>("follows", true) },
    },
  );
  context.subscriptions.push(
    vscode.commands.registerCommand("erratum.showMeaning", showMeaning),
    vscode.commands.registerCommand("erratum.toggleFollowing", toggleFollowing),
  );
  await client.start();
}

export async function deactivate(): Promise<void> {
  await client?.stop();
}

/** Asks the server what the selected text, or the word under the cursor, means. */
async function showMeaning(): Promise<void> {
  const editor = vscode.window.activeTextEditor;
  const range = editor?.selection.isEmpty
    ? editor.document.getWordRangeAtPosition(editor.selection.active)
    : editor?.selection;
  const word = range && editor ? editor.document.getText(range) : "";
  const asked = await vscode.window.showInputBox({ prompt: "A word, a code or a message", value: word });
  if (!asked || !client) {
    return;
  }
  const found: { Ok?: Answer[]; Err?: string[] } = await client.sendRequest(ExecuteCommandRequest.type, {
    command: "erratum.means",
    arguments: [asked],
  });
  const first = found.Ok?.[0];
  const near = found.Err?.length ? ` Near are: ${found.Err.join(", ")}.` : "";
  const text = first ? `${first.title}: ${first.meaning}` : `Nothing is known of "${asked}".${near}`;
  await vscode.window.showInformationMessage(text, { modal: true });
}

/** Hides what only follows from other mistakes of the file, or shows it again. */
async function toggleFollowing(): Promise<void> {
  const document = vscode.window.activeTextEditor?.document;
  if (document && client) {
    await client.sendRequest(ExecuteCommandRequest.type, {
      command: "erratum.hideFollowing",
      arguments: [client.code2ProtocolConverter.asUri(document.uri)],
    });
  }
}
