package io.answerback.command;

import io.answerback.command.exercise.ExerciseVerb;
import io.answerback.files.BrokenFile;
import java.io.IOException;
import java.util.Locale;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/// `answerback VERB`. Exit code 0 when fine, 1 when something is wrong with the job or a signal was not
/// answered, 2 for a bad call or unreadable input, with one line on standard error.
@Command(
        name = "answerback",
        description = "From a point in the building to the line the operator reads: computed, sent, answered, proven.",
        mixinStandardHelpOptions = true,
        version = "Answerback 0.1",
        subcommands = {
            StartVerb.class,
            DemoVerb.class,
            OpenVerb.class,
            NewVerb.class,
            CheckVerb.class,
            RulesVerb.class,
            LoopVerb.class,
            NetlistVerb.class,
            SupplyVerb.class,
            BusVerb.class,
            SetupVerb.class,
            DiagnoseVerb.class,
            FrameVerb.class,
            ReadVerb.class,
            ListenVerb.class,
            StationVerb.class,
            SendVerb.class,
            PathsVerb.class,
            NetworkVerb.class,
            PanelVerb.class,
            PlanVerb.class,
            PackVerb.class,
            ExerciseVerb.class,
            NotifyVerb.class,
            MailboxVerb.class,
            TextsVerb.class,
            ShotsVerb.class
        })
public final class Main implements Runnable {
    /// The exit code of a bad call or unreadable input.
    public static final int BAD_CALL = 2;

    private Main() {}

    /// Without a verb: says which there are.
    @Override
    public void run() {
        throw new CommandLine.ParameterException(new CommandLine(this), "Say what to do");
    }

    /// Runs one verb and leaves with its exit code.
    public static void main(String[] arguments) {
        int code = BAD_CALL;
        try {
            code = commandLine().execute(arguments);
        } catch (StackOverflowError | OutOfMemoryError beyond) {
            System.err.println(crashed(beyond));
        }
        System.out.flush();
        System.exit(code);
    }

    /// The command line, ready to execute.
    public static CommandLine commandLine() {
        oneDecimalSign();
        return new CommandLine(new Main())
                .setParameterExceptionHandler((bad, arguments) -> {
                    bad.getCommandLine().getErr().println(oneLine(bad.getMessage()) + ". Try: answerback --help");
                    return BAD_CALL;
                })
                .setExecutionExceptionHandler((failed, command, parsed) -> refuse(failed, command))
                .setCaseInsensitiveEnumValuesAllowed(true);
    }

    /// Figures are written with a point whatever the machine's language: they are typed and read back so.
    static void oneDecimalSign() {
        Locale.setDefault(Locale.Category.FORMAT, Locale.ENGLISH);
    }

    private static int refuse(Exception failed, CommandLine command) {
        if (failed instanceof BrokenFile
                || failed instanceof IllegalArgumentException
                || failed instanceof IOException) {
            command.getErr().println(oneLine(failed.getMessage()));
            return BAD_CALL;
        }
        command.getErr().println(crashed(failed));
        return BAD_CALL;
    }

    /// What a failure nobody foresaw is called: never the exit code of a wrong finding, and no trace.
    private static String crashed(Throwable failed) {
        return "The command could not be finished (%s); nothing was changed. Try another input, and report this one"
                .formatted(failed.getClass().getSimpleName());
    }

    static String oneLine(String message) {
        return String.valueOf(message).replaceAll("\\s*\\R\\s*", " ").replaceAll("\\.$", "");
    }
}
