import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import scala.collection.immutable.Nil$;
import scala.reflect.internal.util.Position;
import scala.tools.nsc.Global;
import scala.tools.nsc.Settings;
import scala.tools.nsc.reporters.StoreReporter;

/**
 * Checks Scala sources on request, through the compiler's public classes, without running anything.
 *
 * A request is one line: id, folder, root, files; separated by the character 0x1f. For each, lines
 * "message ..." and one line "done id" are printed. Every check has a compiler of its own in the
 * same JVM: a compiler that is used again would still know what an earlier copy declared.
 */
public class ResidentScala {
    private static final String FIELD = "\u001f";
    private static final PrintStream OUT = new PrintStream(System.out, false, StandardCharsets.UTF_8);

    public static void main(String[] arguments) throws Exception {
        System.setOut(System.err);
        OUT.println("ready " + scala.tools.nsc.Properties.versionNumberString());
        OUT.flush();
        ExecutorService workers = Executors.newFixedThreadPool(2, work -> {
            Thread thread = new Thread(null, work, "check", 16 << 20);
            thread.setDaemon(true);
            return thread;
        });
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            String[] fields = line.split(FIELD, -1);
            workers.submit(() -> answer(fields));
        }
    }

    private static void answer(String[] fields) {
        StringBuilder answer = new StringBuilder();
        try {
            check(fields, answer);
        } catch (Throwable trouble) {
            answer.setLength(0);
            append(answer, "message", fields[0], "ERROR", "resident.crash", "", "0", "0", "0", "0",
                "the compiler crashed: " + trouble);
        }
        append(answer, "done", fields[0]);
        synchronized (OUT) {
            OUT.print(answer);
            OUT.flush();
        }
    }

    private static void check(String[] fields, StringBuilder answer) {
        Path folder = Path.of(fields[1]);
        scala.collection.immutable.List<String> options = list(List.of("-usejavacp", "-d", fields[1],
            "-Ystop-after:refchecks", "-deprecation", "-feature", "-unchecked"));
        Settings settings = new Settings();
        settings.processArguments(options, true);
        StoreReporter reporter = new StoreReporter();
        Global global = new Global(settings, reporter);
        List<String> files = new ArrayList<>();
        for (int i = 3; i < fields.length; i++) {
            files.add(folder.resolve(fields[i]).toString());
        }
        Global.Run run = global.new Run();
        run.compile(list(files));
        scala.collection.Iterator<?> all = reporter.infos().iterator();
        while (all.hasNext()) {
            report(fields[0], folder, (StoreReporter.Info) all.next(), answer);
        }
    }

    private static scala.collection.immutable.List<String> list(List<String> items) {
        scala.collection.immutable.List<String> all =
            (scala.collection.immutable.List<String>) (Object) Nil$.MODULE$;
        for (int i = items.size() - 1; i >= 0; i--) {
            all = all.$colon$colon(items.get(i));
        }
        return all;
    }

    private static void report(String id, Path folder, StoreReporter.Info one, StringBuilder answer) {
        Position position = one.pos();
        String[] place = {"", "0", "0"};
        if (position != null && position.isDefined()) {
            Path path = Path.of(position.source().path());
            String file = (path.startsWith(folder) ? folder.relativize(path) : path).toString();
            int start = position.source().lineToOffset(position.line() - 1);
            place = new String[] {file.replace('\\', '/'), "" + position.line(), "" + (position.point() - start + 1)};
        }
        String kind = String.valueOf(one.severity());
        append(answer, "message", id, kind.equals("INFO") ? "NOTE" : kind, "", place[0], place[1], place[2],
            place[1], place[2], one.msg());
    }

    private static void append(StringBuilder answer, String... fields) {
        for (int i = 0; i < fields.length; i++) {
            String clean = fields[i].replace("\\", "\\\\").replace("\r", "").replace("\n", "\\n").replace(FIELD, " ");
            answer.append(i == 0 ? "" : FIELD).append(clean);
        }
        answer.append('\n');
    }
}
