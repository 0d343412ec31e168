// Keeps Mono's compiler of C# ready: it is loaded once, and asked through its public entry as often as
// needed. What it prints is handed on as it stands. Seen with mcs 6.8.
//
// A request is one line: id, folder, source root, arguments; separated by the character 0x1f. For each,
// "said id text" and "done id status" are printed, or "crash id text".

using System;
using System.Collections.Concurrent;
using System.Diagnostics;
using System.IO;
using System.Reflection;
using System.Text;
using System.Threading;

public static class ResidentMcs
{
    private const char Field = '\u001f';

    private static readonly Encoding Utf8 = new UTF8Encoding(false);

    private static readonly BlockingCollection<string> Waiting = new BlockingCollection<string>();

    /// How many requests are here and not answered.
    private static int open;

    private static MethodInfo compile;

    private static TextWriter answers;

    public static void Main(string[] arguments)
    {
        string compiler = arguments[0];
        answers = new StreamWriter(Console.OpenStandardOutput(), Utf8);
        // What the compiler itself might print must not stand between the answers.
        Console.SetOut(TextWriter.Null);
        Send("ready " + AssemblyName.GetAssemblyName(compiler).Version);
        Type entry = Assembly.LoadFrom(compiler).GetType("Mono.CSharp.CompilerCallableEntryPoint", true);
        compile = entry.GetMethod("InvokeCompiler");
        // As deep a stack as a compiler by itself has.
        new Thread(Work, 8 << 20) { IsBackground = true }.Start();
        TextWriter second = null;
        var requests = new StreamReader(Console.OpenStandardInput(), Utf8);
        for (string line = requests.ReadLine(); line != null; line = requests.ReadLine())
        {
            if (Interlocked.CompareExchange(ref open, 1, 0) == 0)
            {
                Waiting.Add(line);
                continue;
            }
            // The compiler keeps its state to itself, so one process does one check at a time.
            second = second ?? Another(compiler);
            second.WriteLine(line);
            second.Flush();
        }
    }

    private static void Work()
    {
        foreach (string line in Waiting.GetConsumingEnumerable())
        {
            string[] request = line.Split(Field);
            string answer;
            try
            {
                answer = Answer(request);
            }
            catch (Exception trouble)
            {
                Exception cause = trouble.InnerException ?? trouble;
                answer = "crash" + Field + request[0] + Field + Escaped(cause.Message);
            }
            Interlocked.Exchange(ref open, 0);
            Send(answer);
        }
    }

    private static string Answer(string[] request)
    {
        string folder = request[1];
        var arguments = new string[request.Length - 3];
        for (int i = 0; i < arguments.Length; i++)
        {
            string argument = request[i + 3];
            if (argument.StartsWith("-out:"))
                argument = "-out:" + Path.Combine(Path.GetTempPath(), "checked" + Process.GetCurrentProcess().Id + ".dll");
            else if (!argument.StartsWith("-"))
                argument = Path.Combine(folder, argument);
            arguments[i] = argument;
        }
        var said = new StringWriter();
        bool sound = (bool) compile.Invoke(null, new object[] { arguments, said });
        return "said" + Field + request[0] + Field + Escaped(said.ToString())
            + "\ndone" + Field + request[0] + Field + (sound ? 0 : 1);
    }

    /// A second process of this kind, whose answers go where those of this one go.
    private static TextWriter Another(string compiler)
    {
        var start = new ProcessStartInfo(Process.GetCurrentProcess().MainModule.FileName) {
            Arguments = "\"" + Assembly.GetExecutingAssembly().Location + "\" \"" + compiler + "\"",
            UseShellExecute = false,
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            StandardOutputEncoding = Utf8,
        };
        Process other = Process.Start(start);
        new Thread(() => {
            other.StandardOutput.ReadLine();
            for (string line = other.StandardOutput.ReadLine(); line != null; line = other.StandardOutput.ReadLine())
                Send(line);
            // Whoever waits for an answer learns at once that none comes.
            Environment.Exit(1);
        }) { IsBackground = true }.Start();
        return new StreamWriter(other.StandardInput.BaseStream, Utf8);
    }

    private static string Escaped(string text)
    {
        return text.Replace("\\", "\\\\").Replace("\r", "").Replace("\n", "\\n").Replace(Field, ' ');
    }

    private static void Send(string lines)
    {
        lock (answers)
        {
            answers.Write(lines + "\n");
            answers.Flush();
        }
    }
}
