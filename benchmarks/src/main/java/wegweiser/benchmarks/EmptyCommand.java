package wegweiser.benchmarks;

import picocli.CommandLine;

/** The least a command with picocli can be: the measure for the start of commands. */
@CommandLine.Command(name = "empty")
@SuppressWarnings("unused")
public final class EmptyCommand implements Runnable {
    @CommandLine.Option(names = "--json")
    private boolean json;

    @CommandLine.Parameters(arity = "0..*")
    private String[] words;

    public static void main(String[] args) {
        System.exit(new CommandLine(new EmptyCommand()).execute(args));
    }

    @Override
    public void run() {
        System.out.println("{}");
    }
}
