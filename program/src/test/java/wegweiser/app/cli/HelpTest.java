package wegweiser.app.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.ResourceBundle;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;
import picocli.CommandLine.Model.ArgSpec;
import wegweiser.app.texts.Texts;

class HelpTest {
    private static List<CommandLine> all(CommandLine line) {
        List<CommandLine> all = new ArrayList<>(List.of(line));
        line.getSubcommands().values().forEach(sub -> all.addAll(all(sub)));
        return all;
    }

    @Test
    void everyCommandAndEveryWordBehindItIsExplained() {
        List<CommandLine> all = all(CommandLineApp.commandsFor());
        assertThat(all).hasSizeGreaterThan(18);
        for (CommandLine command : all) {
            String name = command.getCommandSpec().qualifiedName();
            assertThat(command.getCommandSpec().usageMessage().description()).as(name).isNotEmpty();
            for (ArgSpec arg : command.getCommandSpec().args()) {
                assertThat(arg.description()).as("%s %s", name, arg.paramLabel()).isNotEmpty();
            }
            boolean top = command.getParent() != null && command.getParent().getParent() == null;
            if (top && !name.endsWith("generate-completion")) {
                assertThat(String.join(" ", command.getCommandSpec().usageMessage().footer())).as(name)
                        .contains("wegweiser ");
            }
        }
    }

    @Test
    void noExplanationIsLeftOver() {
        ResourceBundle words = Texts.commands();
        StringBuilder told = new StringBuilder();
        all(CommandLineApp.commandsFor())
                .forEach(c -> told.append(c.getUsageMessage(CommandLine.Help.Ansi.OFF)));
        String help = told.toString().replaceAll("\\s+", " ");
        for (String key : new TreeSet<>(words.keySet())) {
            String text = words.getString(key).replace("%n", "").strip().replaceAll("\\s+", " ");
            assertThat(help).as(key).contains(text);
        }
    }
}
