import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import scala.collection.immutable.Nil$;
import scala.reflect.internal.util.Position;
import scala.tools.nsc.Global;
import scala.tools.nsc.Properties;
import scala.tools.nsc.Settings;
import scala.tools.nsc.reporters.StoreReporter;

/**
 * Checks Scala sources on request, through the compiler's public classes, without running anything.
 *
 * Every check has a compiler of its own in the
 * same JVM: a compiler that is used again would still know what an earlier copy declared.
 */
public class ResidentScala {
    public static void main(String[] arguments) throws Exception {
        PrintStream out = System.out;
        System.setOut(System.err);
        Serve.requests(Properties.versionNumberString(), 16 << 20, out, ResidentScala::check);
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
        Serve.append(answer, "message", id, kind.equals("INFO") ? "NOTE" : kind, "", place[0], place[1], place[2],
            place[1], place[2], one.msg());
    }
}
