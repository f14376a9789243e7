package io.answerback.desktop.power;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.SounderUnit;
import io.answerback.core.model.device.SounderUnit.Level;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.setup.SetupState;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SounderState;
import io.answerback.core.supply.Sounders;
import io.answerback.core.supply.Supplies;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;

/// What the sounders ask of their outputs, how their links are set, and for how long they sound.
final class SoundersSheet extends PartSheet {
    private final Actions actions;

    SoundersSheet(Actions actions) {
        this.actions = actions;
    }

    @Override
    public String title() {
        return "How loud, and for how long";
    }

    @Override
    public String about(WindowState state) {
        return "in an alarm, at the end of discharge";
    }

    @Override
    public List<Part> middle(WindowState state) {
        Supplies supplies = SupplyChoice.supplies(state);
        Sounders sounders = supplies.sounders();
        if (sounders.outputs().isEmpty() && sounders.sounders().isEmpty()) {
            return List.of(
                    Words.empty(
                            "No sounder or speaker is on this job, or none has a cable yet: fit one on the survey's inventory (Ctrl+1), then run its cable (Ctrl+3)."));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(new Drawn(new SoundOutputsDrawing(supplies)));
        if (!sounders.sounders().isEmpty()) {
            parts.add(minutes(state));
            parts.add(new Drawn(new SoundTimeDrawing(
                    sounders.sounders(),
                    state.assessment().get(SetupState.FACT).sounderMinutes(),
                    state.job().practice())));
            sounders.sounders().forEach(sounder -> parts.addAll(sounder(sounder)));
        }
        return parts;
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("Before it sounds"),
                Words.caution(
                        "Ear protection on, occupants and neighbours warned, the ladder footed and held. A sounder with a battery of its own can start while you stand before it."),
                Words.wrapped(
                        Words.quiet(
                                "Figures are the profile's at 12 V: the plate of the one in your hand comes first. How long and how loud it may be outdoors is for your local code to say.")));
    }

    private Group minutes(WindowState state) {
        double asked = state.assessment().get(SetupState.FACT).sounderMinutes();
        boolean decided = state.job().setup().decided(Decision.SOUNDER_TIME, 0).isPresent();
        return Group.flow(
                        Words.title("The panel makes them sound for"),
                        Value.of("Sounder time", Figures.plain(asked) + " min", this::minutes),
                        Words.quiet(decided ? "decided;" : "as usual;"),
                        Words.quiet("the rule allows %.0f min"
                                .formatted(state.job().practice().figure(RuleFigure.SIREN_MINUTES))))
                .style("switches");
    }

    private boolean minutes(String typed) {
        if (typed.isBlank()) {
            return actions.apply(SetupEdits.usual(Decision.SOUNDER_TIME, 0));
        }
        return actions.apply(FigureReader.read(typed.replace("min", "").strip(), "sounder time in minutes")
                .then(minutes -> SetupEdits.decide(Decision.SOUNDER_TIME, 0, new SettingValue.Amount(minutes).text())));
    }

    private List<Part> sounder(SounderState sounder) {
        Group head = Group.flow(
                        Words.title(sounder.title()),
                        Words.quiet("link on its board"),
                        Switch.bare(
                                "Link of " + sounder.title(),
                                sounder.unit().levels(),
                                sounder.level(),
                                Level::name,
                                level -> actions.apply(PowerEdits.link(sounder.part(), level.name()))))
                .style("switches");
        return List.of(head.keyed(sounder.part()), Words.wrapped(Words.quiet(String.join(" ", says(sounder)))));
    }

    private static List<String> says(SounderState sounder) {
        SounderUnit unit = sounder.unit();
        List<String> says = new ArrayList<>();
        says.add("On %s it takes %.0f mA and sounds from %.1f V on."
                .formatted(
                        sounder.level().name(),
                        sounder.level().milliamps(),
                        sounder.level().leastVolts()));
        sounder.volts()
                .filter(volts -> !volts.collapsed())
                .map(DeviceVolts::atEnd)
                .ifPresent(volts -> says.add("%.2f V come to it.".formatted(volts)));
        unit.battery()
                .ifPresent(own -> says.add(
                        "The %.1f Ah inside it sound %.0f min cold and old; %.0f mA have them full again in %.0f h."
                                .formatted(
                                        own.ampHours(),
                                        sounder.ownMinutes().orElse(0.0),
                                        own.chargeMilliamps(),
                                        sounder.rechargeHours().orElse(0.0))));
        says.add(cut(unit));
        if (unit.mostMinutes() > 0) {
            says.add("By itself it falls silent after %.0f min.".formatted(unit.mostMinutes()));
        }
        return says;
    }

    private static String cut(SounderUnit unit) {
        if (unit.holdOff()) {
            return unit.battery().isPresent()
                    ? "Its drive holds it silent: cut the cable and it sounds."
                    : "Its drive holds it silent: lose the drive alone and it sounds; lose the supply too and it is silent.";
        }
        return unit.battery().isPresent()
                ? "Cut its cable and nothing makes it sound."
                : "Cut its cable and it is silent.";
    }
}
