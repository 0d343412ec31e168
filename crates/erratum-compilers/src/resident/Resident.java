import com.sun.source.util.JavacTask;
import com.sun.source.util.TaskEvent;
import com.sun.source.util.TaskListener;
import com.sun.tools.javac.api.JavacTaskPool;
import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.StandardLocation;
import javax.tools.ToolProvider;

/**
 * Checks Java sources on request, without writing classes and without running anything.
 *
 * Each thread uses what its compiler knows of the library again: reading it takes longer than a check.
 */
public class Resident {
    private static final JavaCompiler COMPILER = ToolProvider.getSystemJavaCompiler();
    private static final List<String> OPTIONS = List.of("-proc:none", "-implicit:none", "-Xlint", "-Xmaxerrs",
        "100000", "-Xmaxwarns", "10000");
    /** After so many checks a compiler starts anew: the names that it met are never forgotten. */
    private static final int CHECKS = 1000;
    /** A second compiler pays only where checks are slow: milliseconds. */
    private static final long PATIENCE = 60;
    private static final ThreadLocal<Knowledge> KNOWN = ThreadLocal.withInitial(Knowledge::new);

    /** What a thread keeps from check to check. */
    private static class Knowledge {
        final JavacTaskPool tasks = new JavacTaskPool(1);
        final StandardJavaFileManager files =
            COMPILER.getStandardFileManager(null, Locale.ENGLISH, StandardCharsets.UTF_8);
        String packages = "";
        int checks;
    }

    public static void main(String[] arguments) throws Exception {
        if (COMPILER == null) {
            System.out.println("no compiler");
            return;
        }
        Serve.requests(System.getProperty("java.version"), 0, PATIENCE, System.out, () -> { }, Resident::check);
    }

    private static void check(String[] fields, StringBuilder answer) throws Exception {
        Path folder = Path.of(fields[1]);
        List<Path> roots = Stream.of(fields[2].split(File.pathSeparator)).map(Path::of).toList();
        List<Path> paths = new ArrayList<>();
        for (int i = 3; i < fields.length; i++) {
            paths.add(folder.resolve(fields[i]));
        }
        Knowledge known = known(roots, paths);
        boolean fresh = known.checks == 1;
        try {
            check(known, fields[0], folder, roots, paths, answer);
        } catch (Throwable trouble) {
            KNOWN.remove();
            if (fresh) {
                throw trouble;
            }
            // It may be that what it knew was no longer good.
            answer.setLength(0);
            check(new Knowledge(), fields[0], folder, roots, paths, answer);
        }
    }

    private static void check(Knowledge known, String id, Path folder, List<Path> roots, List<Path> paths,
            StringBuilder answer) throws IOException {
        StandardJavaFileManager files = known.files;
        // A text that was written within the same tick of the clock is not the same text.
        files.flush();
        files.setLocationFromPaths(StandardLocation.CLASS_PATH, roots);
        files.setLocationFromPaths(StandardLocation.SOURCE_PATH, roots);
        files.setLocationFromPaths(StandardLocation.CLASS_OUTPUT, List.of(folder));
        DiagnosticCollector<JavaFileObject> found = new DiagnosticCollector<>();
        known.tasks.getTask(Writer.nullWriter(), files, found, OPTIONS, null,
            files.getJavaFileObjectsFromPaths(paths), task -> {
                Parsed parsed = new Parsed();
                task.addTaskListener(parsed);
                run(task, found);
                if (parsed.files != paths.size()) {
                    // A file that was looked into for a class leaves its traces.
                    KNOWN.remove();
                }
                return report(id, folder, found, answer);
            });
    }

    /** Counts the files that are parsed. */
    private static class Parsed implements TaskListener {
        int files;

        @Override
        public void started(TaskEvent event) {
            if (event.getKind() == TaskEvent.Kind.PARSE) {
                files++;
            }
        }
    }

    private static void run(JavacTask task, DiagnosticCollector<JavaFileObject> found) {
        try {
            task.setLocale(Locale.ENGLISH);
            task.parse();
            // As on the command line: with a syntax error, names and types are not looked at.
            if (found.getDiagnostics().stream().noneMatch(one -> one.getKind() == Diagnostic.Kind.ERROR)) {
                task.analyze();
            }
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    /**
     * What this thread knows that is good for these files. A class that is read from another file, or looked
     * for in the file of its name, stays known, and so does a package: a check that may meet such starts anew.
     */
    private static Knowledge known(List<Path> roots, List<Path> paths) throws IOException {
        StringBuilder packages = new StringBuilder();
        boolean usual = true;
        for (Path path : paths) {
            String text = Files.readString(path, StandardCharsets.ISO_8859_1);
            PACKAGE.matcher(text).results().forEach(one -> packages.append(one.group()).append('\n'));
            String name = path.getFileName().toString().replaceFirst("\\.java$", "");
            usual &= Pattern.compile("\\b(class|interface|enum|record)\\s+" + Pattern.quote(name) + "\\b")
                .matcher(text).find();
        }
        for (Path root : roots) {
            if (usual && Files.isDirectory(root)) {
                try (Stream<Path> all = Files.walk(root)) {
                    usual = all.noneMatch(one -> isJava(one) && !paths.contains(one));
                }
            }
        }
        if (!usual) {
            KNOWN.remove();
        }
        Knowledge known = KNOWN.get();
        if (known.checks == CHECKS || !known.packages.contentEquals(packages)) {
            known = new Knowledge();
            known.packages = packages.toString();
            KNOWN.set(known);
        }
        known.checks++;
        return known;
    }

    private static final Pattern PACKAGE = Pattern.compile("\\bpackage\\b[^\\n]*");

    private static boolean isJava(Path path) {
        String name = path.getFileName().toString();
        return name.endsWith(".java") || name.endsWith(".class");
    }

    private static StringBuilder report(String id, Path folder, DiagnosticCollector<JavaFileObject> found,
            StringBuilder answer) {
        Map<JavaFileObject, int[]> starts = new HashMap<>();
        try {
            for (Diagnostic<? extends JavaFileObject> one : found.getDiagnostics()) {
                report(id, folder, one, starts, answer);
            }
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
        return answer;
    }

    private static void report(String id, Path folder, Diagnostic<? extends JavaFileObject> one,
            Map<JavaFileObject, int[]> starts, StringBuilder answer) throws IOException {
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
            one.getMessage(Locale.ENGLISH).replace(folder + File.separator, ""));
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
