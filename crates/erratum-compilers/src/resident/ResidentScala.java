import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import scala.collection.immutable.Nil$;
import scala.reflect.internal.Symbols;
import scala.reflect.internal.util.Position;
import scala.tools.nsc.Global;
import scala.tools.nsc.Properties;
import scala.tools.nsc.Settings;
import scala.tools.nsc.reporters.StoreReporter;

/**
 * Checks Scala sources on request, through the compiler's public classes, without running anything.
 *
 * Each thread has a compiler that it uses again: a new one reads the library anew, which takes several
 * times as long as a check. What a copy declared is forgotten before the next one is checked.
 */
public class ResidentScala {
    private static final ThreadLocal<Compiler> COMPILERS = ThreadLocal.withInitial(Compiler::new);

    public static void main(String[] arguments) throws Exception {
        PrintStream out = System.out;
        System.setOut(System.err);
        Serve.requests(Properties.versionNumberString(), 16 << 20, 0, out, () -> COMPILERS.get(), ResidentScala::check);
    }

    private static void check(String[] fields, StringBuilder answer) {
        Path folder = Path.of(fields[1]);
        Compiler compiler = COMPILERS.get();
        List<String> files = new ArrayList<>();
        for (int i = 3; i < fields.length; i++) {
            files.add(folder.resolve(fields[i]).toString());
        }
        try {
            for (StoreReporter.Info one : compiler.compile(files)) {
                report(fields[0], folder, one, answer);
            }
        } catch (Throwable trouble) {
            // What it knows now cannot be trusted.
            COMPILERS.remove();
            throw trouble;
        }
    }

    /** A compiler that is used again for the next check. */
    private static class Compiler {
        private final StoreReporter reporter = new StoreReporter();
        private final Global global;

        Compiler() {
            Settings settings = new Settings();
            settings.processArguments(list(List.of("-usejavacp", "-Ystop-after:refchecks", "-deprecation",
                "-feature", "-unchecked")), true);
            global = new Global(settings, reporter);
            readWhatIsAskedFor(global);
            // The first run learns what the library has.
            global.new Run();
        }

        List<StoreReporter.Info> compile(List<String> files) {
            reporter.reset();
            Global.Run run = global.new Run();
            run.compile(list(files));
            List<StoreReporter.Info> said = new ArrayList<>();
            scala.collection.Iterator<?> all = reporter.infos().iterator();
            while (all.hasNext()) {
                said.add((StoreReporter.Info) all.next());
            }
            // What this copy declares must not be known when the next one is checked.
            scala.collection.Iterator<?> declared = run.symSource().keysIterator();
            while (declared.hasNext()) {
                forget((Symbols.Symbol) declared.next());
            }
            return said;
        }

        /** Forgets a declaration, and each package around it that has no other. */
        private static void forget(Symbols.Symbol one) {
            Symbols.Symbol within = one.owner();
            within.info().decls().unlink(one);
            while (within.isPackageClass() && !within.isEmptyPackageClass() && !within.isRoot()
                    && within.info().decls().isEmpty()) {
                within.owner().info().decls().unlink(within.sourceModule());
                within = within.owner();
            }
        }
    }

    /**
     * The compiler lists all 24,000 classes of a JDK from 9 on at its start, which takes as long as several
     * checks (seen with scalac 2.11.12 of Debian). Where the helper was prepared, its own way to read them
     * stands in the place of that list.
     */
    private static void readWhatIsAskedFor(Global global) {
        try {
            Class<?> offered = Class.forName("Offered");
            Object platform = global.platform();
            Object all = call(platform, "classPath");
            scala.collection.Iterator<?> entries = ((scala.collection.Iterable<?>) call(all, "entries")).iterator();
            while (entries.hasNext()) {
                Object entry = entries.next();
                if (entry.getClass().getSimpleName().equals("DirectoryClassPath")
                        && call(entry, "dir").getClass().getSimpleName().equals("JavaToolsPlatformArchive")) {
                    Object root = offered.getMethod("root").invoke(null);
                    Object own = entry.getClass().getConstructors()[0].newInstance(root, call(entry, "context"));
                    call(platform, "updateClassPath", new scala.collection.immutable.Map.Map1<>(entry, own));
                }
            }
        } catch (ReflectiveOperationException | LinkageError none) {
            // Not prepared, or a version that goes another way.
        }
    }

    private static Object call(Object of, String name, Object... arguments) throws ReflectiveOperationException {
        for (java.lang.reflect.Method method : of.getClass().getMethods()) {
            if (method.getName().equals(name) && method.getParameterCount() == arguments.length) {
                return method.invoke(of, arguments);
            }
        }
        throw new NoSuchMethodException(name);
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
