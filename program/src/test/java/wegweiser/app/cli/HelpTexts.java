package wegweiser.app.cli;

import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine;

/** What the help says in sentences. */
public final class HelpTexts {
    private HelpTexts() {}

    /** The descriptions of all commands, options and what stands behind them. */
    public static List<String> all() {
        List<String> texts = new ArrayList<>();
        add(texts, CommandLineApp.commandsFor());
        return texts;
    }

    private static void add(List<String> texts, CommandLine command) {
        texts.addAll(List.of(command.getCommandSpec().usageMessage().description()));
        command.getCommandSpec().args().forEach(arg -> texts.addAll(List.of(arg.description())));
        command.getSubcommands().values().forEach(sub -> add(texts, sub));
    }
}
