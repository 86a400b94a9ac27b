package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import picocli.AutoComplete;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import wegweiser.app.texts.Texts;
import wegweiser.files.io.BadFile;

/** Wegweiser as a command. */
@Command(name = "wegweiser", versionProvider = CommandLineApp.Version.class)
public final class CommandLineApp implements Runnable {
    /** Done and nothing wrong. */
    static final int FINE = 0;
    /** Done and something is wrong. */
    static final int WRONG = 1;
    /** The input could not be read or the call is wrong. */
    static final int UNUSABLE = 2;

    private static final List<Class<?>> COMMANDS = List.of(CheckCommand.class, RouteCommand.class,
            TraceCommand.class, EvidenceCommand.class, ProveCommand.class, MakeCommand.class,
            ChainCommand.class,
            SheetCommand.class, LogCommand.class, CatalogCommand.class, ReadCommand.class);

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @CommandLine.Option(names = {"-h", "--help"}, usageHelp = true)
    @SuppressWarnings("unused")
    private boolean help;

    @CommandLine.Option(names = {"-V",
            "--version"}, versionHelp = true)
    @SuppressWarnings("unused")
    private boolean version;

    /** The version that was built. */
    static final class Version implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() throws IOException {
            Properties built = new Properties();
            try (InputStream in = CommandLineApp.class.getResourceAsStream("version.properties")) {
                built.load(in);
            }
            return new String[]{"wegweiser " + built.getProperty("version")};
        }
    }

    /** Runs a command and returns its exit status. */
    public static int run(String[] args) {
        PrintWriter out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
        CommandLine line = commandsFor(args);
        line.setOut(out);
        line.setErr(err);
        line.setCaseInsensitiveEnumValuesAllowed(true);
        line.setParameterExceptionHandler((e, _) -> {
            err.println("wegweiser: " + sentence(e.getMessage()) + " " + t("cli.see-help"));
            return UNUSABLE;
        });
        line.setExecutionExceptionHandler((e, _, _) -> {
            err.println("wegweiser: " + sentence(reason(e)));
            return UNUSABLE;
        });
        int status = status(line, args, err);
        out.flush();
        if (out.checkError()) {
            err.println("wegweiser: " + t("cli.not-written"));
            return UNUSABLE;
        }
        return status;
    }

    /** The command that is named, as it takes time to get them all ready; all of them where none is. */
    static CommandLine commandsFor(String... args) {
        CommandLine line = withThose(args);
        line.setResourceBundle(Texts.commands());
        return line;
    }

    private static CommandLine withThose(String... args) {
        CommandLine line = new CommandLine(new CommandLineApp());
        Optional<Class<?>> named = COMMANDS.stream().filter(c -> args.length > 0 && name(c).equals(args[0]))
                .findFirst();
        if (named.isPresent()) {
            return line.addSubcommand(named.get());
        }
        COMMANDS.forEach(line::addSubcommand);
        WindowCommands.addTo(line);
        return line.addSubcommand(AutoComplete.GenerateCompletion.class);
    }

    private static String name(Class<?> command) {
        return command.getAnnotation(Command.class).name();
    }

    /** The status of a run that nothing can stop from ending with one sentence. */
    private static int status(CommandLine line, String[] args, PrintWriter err) {
        try {
            return line.execute(args);
        } catch (OutOfMemoryError _) {
            err.println("wegweiser: " + t("cli.memory"));
        } catch (RuntimeException | Error e) {
            err.println("wegweiser: " + sentence(reason(e)));
        }
        return UNUSABLE;
    }

    /** What went wrong in words; a file that the platform refuses is named with what was wanted of it. */
    private static String reason(Throwable e) {
        if (e instanceof AccessDeniedException denied) {
            return t("cli.denied", denied.getFile());
        }
        if (e instanceof FileAlreadyExistsException || e instanceof NotDirectoryException) {
            return t("cli.in-the-way", ((FileSystemException) e).getFile());
        }
        if (e instanceof NoSuchFileException missing) {
            return t("cli.missing", missing.getFile());
        }
        if (e instanceof FileSystemException f) {
            return f.getFile() + ": " + (f.getReason() == null ? t("cli.refused") : f.getReason());
        }
        return e instanceof BadFile || e instanceof IOException || e instanceof IllegalArgumentException
                ? String.valueOf(e.getMessage())
                : t("cli.wrong", e);
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
