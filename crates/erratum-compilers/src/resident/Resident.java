import com.sun.source.util.JavacTask;
import java.io.Writer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/** Checks Java sources on request, without writing classes and without running anything. */
public class Resident {
    private static final JavaCompiler COMPILER = ToolProvider.getSystemJavaCompiler();

    public static void main(String[] arguments) throws Exception {
        if (COMPILER == null) {
            System.out.println("no compiler");
            return;
        }
        Serve.requests(System.getProperty("java.version"), 0, System.out, () -> { }, Resident::check);
    }

    private static void check(String[] fields, StringBuilder answer) throws Exception {
        Path folder = Path.of(fields[1]);
        DiagnosticCollector<JavaFileObject> found = new DiagnosticCollector<>();
        List<Path> paths = new ArrayList<>();
        for (int i = 3; i < fields.length; i++) {
            paths.add(folder.resolve(fields[i]));
        }
        List<String> options = List.of("-proc:none", "-implicit:none", "-Xlint", "-Xmaxerrs", "100000",
            "-Xmaxwarns", "10000", "-sourcepath", fields[2], "-cp", fields[2], "-d", fields[1]);
        Charset charset = StandardCharsets.UTF_8;
        try (StandardJavaFileManager files = COMPILER.getStandardFileManager(found, Locale.ENGLISH, charset)) {
            JavacTask task = (JavacTask) COMPILER.getTask(Writer.nullWriter(), files, found, options, null,
                files.getJavaFileObjectsFromPaths(paths));
            task.setLocale(Locale.ENGLISH);
            task.parse();
            // As on the command line: with a syntax error, names and types are not looked at.
            if (found.getDiagnostics().stream().noneMatch(one -> one.getKind() == Diagnostic.Kind.ERROR)) {
                task.analyze();
            }
        }
        Map<JavaFileObject, int[]> starts = new HashMap<>();
        for (Diagnostic<? extends JavaFileObject> one : found.getDiagnostics()) {
            report(fields[0], folder, one, starts, answer);
        }
    }

    private static void report(String id, Path folder, Diagnostic<? extends JavaFileObject> one,
            Map<JavaFileObject, int[]> starts, StringBuilder answer) throws Exception {
        String file = "";
        int[] from = {0, 0};
        int[] to = {0, 0};
        if (one.getSource() != null) {
            Path path = Path.of(one.getSource().toUri());
            file = path.startsWith(folder) ? folder.relativize(path).toString() : path.toString();
            if (one.getPosition() != Diagnostic.NOPOS) {
                int[] lines = starts.get(one.getSource());
                if (lines == null) {
                    lines = lineStarts(one.getSource().getCharContent(true));
                    starts.put(one.getSource(), lines);
                }
                from = place(lines, one.getPosition());
                to = place(lines, Math.max(one.getEndPosition(), one.getPosition()));
            } else {
                from = new int[] {1, 1};
                to = from;
            }
        }
        Serve.append(answer, "message", id, one.getKind().name(), String.valueOf(one.getCode()),
            file.replace('\\', '/'), "" + from[0], "" + from[1], "" + to[0], "" + to[1],
            one.getMessage(Locale.ENGLISH));
    }

    /** Where each line of a text starts. */
    private static int[] lineStarts(CharSequence text) {
        return IntStream.concat(IntStream.of(0),
            IntStream.range(0, text.length()).filter(i -> text.charAt(i) == '\n').map(i -> i + 1)).toArray();
    }

    /** Line and column from 1; columns count UTF-16 units and a tab as one. */
    private static int[] place(int[] lines, long position) {
        int found = Arrays.binarySearch(lines, (int) position);
        int line = found >= 0 ? found : -found - 2;
        return new int[] {line + 1, (int) position - lines[line] + 1};
    }
}
