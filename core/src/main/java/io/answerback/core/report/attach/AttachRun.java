package io.answerback.core.report.attach;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.model.unit.UnitSupply;
import io.answerback.core.supply.CheckStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The order of work when a communicator is attached: power down, wire or seat it, read its numbers, close the
/// lid, power up, let it register, and only when its account is live switch its paths on.
public final class AttachRun {
    /// What the ids of its steps begin with.
    public static final String PREFIX = "unit:";

    private final Parts job;
    private final Unit unit;
    private final List<CheckStep> steps = new ArrayList<>();

    private AttachRun(Parts job, Unit unit) {
        this.job = job;
        this.unit = unit;
    }

    /// Every step, those done with their times; none while nobody has said which communicator it is.
    public static List<CheckStep> of(Parts job) {
        return job.communicator()
                .unit()
                .map(unit -> new AttachRun(job, unit).steps())
                .orElse(List.of());
    }

    private List<CheckStep> steps() {
        step(
                "account",
                "Ask the station whether the account is live",
                "A path that is on before that makes a trouble that stands.",
                "The station names the account and the receivers.",
                false);
        step(
                "down",
                "Power down in order: the mains first, then the battery",
                "The mains side is for a licensed person; its lid stays on. Wait until every light is out.",
                "Nothing is lit.",
                true);
        attach();
        step(
                "numbers",
                "Read its hardware number, and the SIM's, before the lid closes; photograph the label",
                "Behind the lid nobody can read them, and the station asks for them.",
                "",
                false);
        sim();
        step("lid", "Close the lid", "Its cover contact is part of the tamper ring where it has one.", "", false);
        step("up", "Power up in this panel's order", "Hands out of the box.", "Its light for power is on.", true);
        if (unit.profile().standsAlone() || overAir()) {
            step(
                    "register",
                    "Wait until it has registered with its network, and read the signal",
                    Text.of(
                            "It needs %.0f dBm at least, and the margin of the rules above that.",
                            unit.profile().floorDecibelMilliwatts()),
                    "Registered; a figure in dBm.",
                    false);
        }
        setUp();
        for (TransmissionPath path : job.communicator().paths()) {
            enabled(path.kind());
        }
        pairing();
        return List.copyOf(steps);
    }

    private void attach() {
        UnitProfile profile = unit.profile();
        Optional<Attachment> way = unit.fitting().way();
        way.map(its -> profile.jumperFor().getOrDefault(its, ""))
                .filter(position -> !position.isEmpty())
                .ifPresent(position -> step(
                        "jumper",
                        Text.of("Set %s to \"%s\"", profile.jumper(), position),
                        "It is read at power-up only.",
                        "",
                        false));
        if (way.equals(Optional.of(Attachment.PLUG_ON))) {
            step(
                    "seat",
                    "Seat it on its connector the right way round, and fit its screws",
                    "The wrong way round destroys it. The screws carry its return.",
                    "It sits flat.",
                    true);
        }
        for (Wires.Wire wire : Wires.of(job, unit).wires()) {
            step(
                    "wire:" + wire.panel() + ":" + wire.unit(),
                    Text.of("%s: panel %s to communicator %s", wire.use(), wire.panel(), wire.unit()),
                    "One wire, tugged once it is fast.",
                    "",
                    wire.carries() != Wires.Carries.SIGNAL);
        }
        if (unit.fitting().supplies().contains(UnitSupply.OWN)) {
            step(
                    "plug",
                    "Fit its own supply, and nothing from the panel's",
                    "Two supplies feed each other. Its plug has to be where nobody pulls it.",
                    "",
                    true);
        }
    }

    private boolean overAir() {
        return job.communicator().path(PathKind.CELLULAR).isPresent();
    }

    private void sim() {
        if (!overAir() && unit.sim().isEmpty()) {
            return;
        }
        boolean off = unit.sim().flatMap(SimCard::codeOff).orElse(false);
        step(
                "sim",
                off ? "Put the SIM in" : "Switch the SIM's unlock code off in a phone, and put the SIM in",
                "The power is off. The communicator types no code.",
                "",
                false);
    }

    private void setUp() {
        step(
                "settings",
                "Type its settings and the panel's for it, and read the panel's back",
                "A panel may lose or change settings when it learns a new unit.",
                "The run sheet under \"Set up\" has no open entry.",
                false);
    }

    private void enabled(PathKind kind) {
        step(
                "on:" + kind.name(),
                Text.of("Switch the %s path on, last of all", kind.words()),
                "Only once the station says that the account is live.",
                "A test is answered over it.",
                false);
    }

    private void pairing() {
        if (!unit.profile().application()) {
            return;
        }
        step(
                "remote",
                "Change the password for remote access before anybody pairs an application",
                "With the maker's password anybody who knows the make gets in.",
                "",
                false);
        step(
                "pair",
                "Pair the customer's application with the one-time code that the panel shows",
                good(unit.profile().pairingCodeMinutes()) + " It is typed from the keypad and written down nowhere.",
                "The application shows whether the site is set.",
                false);
        step(
                "closed",
                "Close remote access again before leaving",
                "What you opened for your work stays open for everybody.",
                "",
                false);
    }

    private static String good(int minutes) {
        return minutes == 0 ? "The code runs out in minutes." : Text.of("The code is good for %d minutes.", minutes);
    }

    private void step(String name, String order, String mind, String shows, boolean caution) {
        String id = PREFIX + name;
        steps.add(new CheckStep(id, order, mind, shows, caution, job.power().tick(id)));
    }
}
