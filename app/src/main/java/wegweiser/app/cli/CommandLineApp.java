package wegweiser.app.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import wegweiser.files.job.BadFile;

/** Wegweiser as a command. */
@Command(name = "wegweiser", description = "A bench companion for people who build cables.", subcommands = {
        CheckCommand.class, RouteCommand.class, TraceCommand.class, EvidenceCommand.class, ProveCommand.class,
        MakeCommand.class, ChainCommand.class, SheetCommand.class, LogCommand.class, CatalogCommand.class,
        ReadCommand.class})
public final class CommandLineApp implements Runnable {
    /** Done and nothing wrong. */
    static final int FINE = 0;
    /** Done and something is wrong. */
    static final int WRONG = 1;
    /** The input could not be read or the call is wrong. */
    static final int UNUSABLE = 2;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @CommandLine.Option(names = {"-h", "--help"}, usageHelp = true, description = "Shows this help.")
    private boolean help;

    /** Runs a command and returns its exit status. */
    public static int run(String[] args) {
        PrintWriter out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        CommandLine line = new CommandLine(new CommandLineApp());
        line.setOut(out);
        line.setErr(err);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setParameterExceptionHandler((e, _) -> {
            err.println("wegweiser: " + sentence(e.getMessage()) + " See wegweiser --help.");
            return UNUSABLE;
        });
        line.setExecutionExceptionHandler((e, _, _) -> {
            err.println("wegweiser: " + sentence(
                    e instanceof BadFile || e.getMessage() != null ? e.getMessage() : e.toString()));
            return UNUSABLE;
        });
        int status = line.execute(args);
        out.flush();
        return status;
    }

    private static String sentence(String text) {
        String oneLine = text.lines().findFirst().orElse("").strip();
        return oneLine.endsWith(".") ? oneLine : oneLine + ".";
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
