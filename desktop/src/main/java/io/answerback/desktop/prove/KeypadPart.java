package io.answerback.desktop.prove;

import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming.User;
import io.answerback.core.panel.operation.AreaState;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.LegendKeypad;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.Timer;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// A keypad of our own: two lines of text, an area, people by name, and three acts.
final class KeypadPart {
    /// By what it is set or unset from here.
    private enum By {
        CODE("code", HowSet.CODE, false),
        QUICK("without a code", HowSet.QUICK, false),
        REMOTE("remotely", HowSet.REMOTE, false),
        THREAT("code under threat", HowSet.CODE, true);

        private final String words;
        private final HowSet how;
        private final boolean threat;

        By(String words, HowSet how, boolean threat) {
            this.words = words;
            this.how = how;
            this.threat = threat;
        }
    }

    private final PanelPractice practice;
    private final Runnable showAgain;
    private int area = 1;
    private int user;
    private By by = By.CODE;
    private boolean force;
    private boolean legend;

    KeypadPart(PanelPractice practice, Runnable showAgain) {
        this.practice = practice;
        this.showAgain = showAgain;
    }

    /// Who stands at the keypad, by number; 0 for nobody.
    int user() {
        return user;
    }

    /// The area of the keypad.
    int area() {
        return area;
    }

    Part part(Job job) {
        List<AreaRule> areas = List.copyOf(practice.rules().areas().values());
        AreaRule its =
                areas.stream().filter(one -> one.number() == area).findFirst().orElse(areas.getFirst());
        area = its.number();
        Parts keypad = Parts.column(Switch.bare(
                "Keypad shown as", List.of(false, true), legend, blind -> blind ? "fixed legend" : "text", blind -> {
                    legend = blind;
                    showAgain.run();
                }));
        keypad.add(legend ? lamps(its) : screen(its));
        keypad.add(Switch.bare(
                "Area of the keypad",
                areas,
                its,
                one -> "%02d %s"
                        .formatted(
                                one.number(),
                                practice.state().area(one.number()).mode().words()),
                one -> {
                    area = one.number();
                    showAgain.run();
                }));
        keypad.add(Parts.flow(people(job), by()).style("switches").group());
        keypad.add(acts());
        return keypad.style("keypad").group();
    }

    private Part screen(AreaRule its) {
        AreaState state = practice.state().area(its.number());
        String left = practice.state().timers().stream()
                .filter(timer -> timer.number() == its.number())
                .filter(timer -> timer.kind() == Timer.Kind.ENTRY || timer.kind() == Timer.Kind.EXIT)
                .map(timer -> " " + (timer.dueMillis() - practice.state().atMillis() + 999) / 1000 + " s")
                .findFirst()
                .orElse("");
        return Parts.column(
                        Words.of("keypad-line", its.name() + ": " + state.mode().words() + left),
                        Words.of("keypad-line", shown()))
                .style("keypad-screen")
                .group();
    }

    /// The same panel through a keypad that has lamps and numbers only.
    private Part lamps(AreaRule its) {
        LegendKeypad shows = LegendKeypad.of(practice.state(), practice.rules(), its.number());
        String numbers = shows.numbers().isEmpty()
                ? "no number is lit"
                : shows.numbers().stream().map("%d"::formatted).collect(Collectors.joining("  "));
        return Parts.column(
                        Words.of(
                                "keypad-line",
                                String.join(
                                        "   ",
                                        lamp("can be set", shows.ready()),
                                        lamp("set", shows.set()),
                                        lamp("fault", shows.trouble()),
                                        lamp("memory", shows.memory()))),
                        Words.of("keypad-line", numbers))
                .style("keypad-screen")
                .group();
    }

    private static String lamp(String legend, boolean lit) {
        return (lit ? "● " : "○ ") + legend;
    }

    /// The last thing that keypads showed.
    private String shown() {
        return practice.log().reversed().stream()
                .map(line -> line.logged().act())
                .flatMap(act -> act.shown().stream())
                .findFirst()
                .orElse("Ready");
    }

    private Part people(Job job) {
        List<User> users = new ArrayList<>(job.setup().users());
        Optional<User> chosen =
                users.stream().filter(one -> one.number() == user).findFirst();
        if (chosen.isEmpty() && !users.isEmpty()) {
            user = users.getFirst().number();
            chosen = Optional.of(users.getFirst());
        }
        return Choice.of(
                "Person at the keypad", users, chosen.orElse(null), "nobody has a code yet", User::title, one -> {
                    user = one.number();
                    showAgain.run();
                });
    }

    private Part by() {
        return Choice.of("By", Arrays.asList(By.values()), by, its -> its.words, its -> {
            by = its;
            showAgain.run();
        });
    }

    private Part acts() {
        return Parts.flow(
                        Tool.of("Unset", "the area of the keypad", this::unset),
                        Tool.of("Part set", "the area of the keypad", () -> set(true)),
                        Tool.of("Set", "the area of the keypad", () -> set(false)),
                        new Check("leave out what is open", force, on -> force = on))
                .style("switches")
                .group();
    }

    private void set(boolean part) {
        practice.happens(new Happening.SetAsked(area, by.how, user, part, force));
    }

    private void unset() {
        practice.happens(new Happening.UnsetAsked(area, by.how, user, by.threat));
    }
}
