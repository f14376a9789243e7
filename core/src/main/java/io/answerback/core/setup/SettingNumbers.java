package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// For which numbers a setting is there, and what each of them is of.
public final class SettingNumbers {
    private SettingNumbers() {}

    /// The numbers of a scope on a job; 0 for the panel.
    static Stream<Integer> of(Parts job, SettingScope scope) {
        return switch (scope) {
            case PANEL -> Stream.of(0);
            case AREA -> job.areas().stream().map(area -> area.number());
            case ZONE ->
                IntStream.rangeClosed(1, job.panel().profile().capacity().zones())
                        .boxed();
            case USER -> job.setup().users().stream().map(PanelProgramming.User::number);
            case OUTPUT -> IntStream.rangeClosed(1, outputs(job).size()).boxed();
            case MODULE ->
                job.bus().addresses().stream()
                        .filter(given -> keypad(job, given.module()))
                        .map(given -> given.address());
            case RECEIVER -> IntStream.rangeClosed(1, job.receivers().size()).boxed();
            case PERSON ->
                IntStream.rangeClosed(1, job.communicator().people().size()).boxed();
        };
    }

    /// What a number is of, such as "zone 07, Dock roller door 2"; empty for the panel.
    static String words(Parts job, Intent intent, SettingScope scope, int number) {
        String counted = Text.of("%s %02d", scope.counted(), number);
        return switch (scope) {
            case PANEL -> "";
            case AREA -> named(counted, job.area(number).map(area -> area.name()));
            case ZONE -> named(counted, intent.point(number).map(point -> point.name()));
            case USER ->
                named(
                        counted,
                        job.setup().users().stream()
                                .filter(user -> user.number() == number)
                                .map(PanelProgramming.User::title)
                                .findFirst());
            case OUTPUT -> named(counted, Optional.of(outputs(job).get(number - 1)));
            case MODULE -> named(counted, job.bus().at(number).map(given -> job.nameOf(given.module())));
            case RECEIVER ->
                named(counted, Optional.of(job.receivers().get(number - 1).name()));
            case PERSON ->
                named(
                        counted,
                        Optional.of(job.communicator().people().get(number - 1).name()));
        };
    }

    private static String named(String counted, Optional<String> name) {
        return name.map(its -> counted + ", " + its).orElse(counted);
    }

    /// The outputs of the board that are free for any use, by the names of their terminals.
    public static List<String> outputs(Parts job) {
        return job.panel().profile().board().terminals().stream()
                .filter(terminal -> terminal.use() == TerminalUse.OUTPUT)
                .map(Terminal::name)
                .toList();
    }

    private static boolean keypad(Parts job, ModuleId module) {
        return job.kindOf(module)
                .map(ModuleKind::answersAs)
                .filter(sort -> sort == ModuleSort.KEYPAD)
                .isPresent();
    }
}
