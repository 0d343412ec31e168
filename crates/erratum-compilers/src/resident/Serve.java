/**
 * Answers requests with the work of a check, two at a time. It is appended to the helper of a
 * compiler, so it names what it needs in full.
 *
 * A request is one line: id, folder, source root, files; separated by the character 0x1f. For each,
 * lines "message ..." and one line "done id" are printed.
 */
class Serve {
    /** Checks what a request asks for and appends a line for each message to the answer. */
    interface Check {
        void check(String[] fields, StringBuilder answer) throws Exception;
    }

    private static final String FIELD = "\u001f";

    /**
     * Answers until the input ends. Each thread that checks has a stack of "stack" bytes, the usual for
     * 0, and does "first" before its first check: two threads get ready in the time of one.
     */
    static void requests(String version, long stack, java.io.PrintStream out, Runnable first, Check check)
            throws Exception {
        java.io.PrintStream utf8 =
            new java.io.PrintStream(out, false, java.nio.charset.StandardCharsets.UTF_8);
        utf8.println("ready " + version);
        utf8.flush();
        java.util.concurrent.ThreadPoolExecutor workers =
            (java.util.concurrent.ThreadPoolExecutor) java.util.concurrent.Executors.newFixedThreadPool(2, work -> {
                Thread thread = new Thread(null, () -> {
                    first.run();
                    work.run();
                }, "check", stack);
                thread.setDaemon(true);
                return thread;
            });
        workers.prestartAllCoreThreads();
        java.io.BufferedReader in = new java.io.BufferedReader(
            new java.io.InputStreamReader(System.in, java.nio.charset.StandardCharsets.UTF_8));
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            String[] fields = line.split(FIELD, -1);
            workers.submit(() -> answer(fields, utf8, check));
        }
        workers.shutdown();
        workers.awaitTermination(1, java.util.concurrent.TimeUnit.MINUTES);
    }

    private static void answer(String[] fields, java.io.PrintStream out, Check check) {
        StringBuilder answer = new StringBuilder();
        try {
            check.check(fields, answer);
        } catch (Throwable trouble) {
            answer.setLength(0);
            append(answer, "message", fields[0], "ERROR", "resident.crash", "", "0", "0", "0", "0",
                "the compiler crashed: " + trouble);
        }
        append(answer, "done", fields[0]);
        synchronized (out) {
            out.print(answer);
            out.flush();
        }
    }

    /** Appends a line of fields. */
    static void append(StringBuilder answer, String... fields) {
        for (int i = 0; i < fields.length; i++) {
            String clean = fields[i].replace("\\", "\\\\").replace("\r", "").replace("\n", "\\n").replace(FIELD, " ");
            answer.append(i == 0 ? "" : FIELD).append(clean);
        }
        answer.append('\n');
    }
}
