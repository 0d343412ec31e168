/**
 * Answers requests with the work of a check, two at a time where that saves time. It is appended to the
 * helper of a compiler, so it names what it needs in full.
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
     * Answers until the input ends. There are two threads. Each has a stack of "stack" bytes, the usual for
     * 0, and does "first" before its first check: two threads get ready in the time of one. The second
     * takes what has waited for "patience" milliseconds: its first check is a slow one.
     */
    static void requests(String version, long stack, long patience, java.io.PrintStream out, Runnable first,
            Check check) throws Exception {
        java.io.PrintStream utf8 =
            new java.io.PrintStream(out, false, java.nio.charset.StandardCharsets.UTF_8);
        utf8.println("ready " + version);
        utf8.flush();
        java.util.concurrent.ThreadFactory ready = work -> {
            Thread thread = new Thread(null, () -> {
                first.run();
                work.run();
            }, "check", stack);
            thread.setDaemon(true);
            return thread;
        };
        java.util.concurrent.ScheduledThreadPoolExecutor[] workers = {
            new java.util.concurrent.ScheduledThreadPoolExecutor(1, ready),
            new java.util.concurrent.ScheduledThreadPoolExecutor(1, ready),
        };
        for (java.util.concurrent.ScheduledThreadPoolExecutor worker : workers) {
            worker.prestartAllCoreThreads();
        }
        java.io.BufferedReader in = new java.io.BufferedReader(
            new java.io.InputStreamReader(System.in, java.nio.charset.StandardCharsets.UTF_8));
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            String[] fields = line.split(FIELD, -1);
            // Whoever comes first runs it, and the other finds it done.
            java.util.concurrent.FutureTask<Void> task =
                new java.util.concurrent.FutureTask<>(() -> answer(fields, utf8, check), null);
            workers[0].execute(task);
            workers[1].schedule(task, patience, java.util.concurrent.TimeUnit.MILLISECONDS);
        }
        for (java.util.concurrent.ScheduledThreadPoolExecutor worker : workers) {
            worker.shutdown();
            worker.awaitTermination(1, java.util.concurrent.TimeUnit.MINUTES);
        }
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
