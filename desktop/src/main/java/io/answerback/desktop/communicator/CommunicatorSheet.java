package io.answerback.desktop.communicator;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.report.attach.AttachRun;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.CheckRunPart;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/// Which communicator it is, how it is attached, in which order that is done, and what tells it from others.
public final class CommunicatorSheet extends PartSheet {
    private final Actions actions;
    private final Supplier<List<UnitProfile>> profiles;
    private final AttachPart attach;
    private final IdentityPart identity;
    private final CheckRunPart run;
    private final PairingPart pairing;
    private UnitView view = UnitView.WIRES;

    /// @param profiles the makes there are to choose from
    public CommunicatorSheet(
            Actions actions,
            Supplier<List<UnitProfile>> profiles,
            InstantSource clock,
            Background background,
            FileQuestions files) {
        this.actions = actions;
        this.profiles = profiles;
        this.attach = new AttachPart(actions);
        this.identity = new IdentityPart(actions, clock, new LabelPhoto(actions, background, files)::choose);
        this.run = new CheckRunPart(actions, clock, this::showAgain);
        this.pairing = new PairingPart(actions, clock, this::showAgain);
    }

    @Override
    public String title() {
        return "The communicator";
    }

    @Override
    public String about(WindowState state) {
        return unit(state).map(unit -> unit.profile().name()).orElse("not chosen yet");
    }

    private static Optional<Unit> unit(WindowState state) {
        return state.job().communicator().unit();
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("Before the box is opened"),
                Words.caution(
                        "Mains first, then the battery. The mains side is for a licensed person; its lid stays on."),
                Words.wrapped(
                        Words.quiet(
                                "A path is switched on last of all, when the station says that the account is live. One that is on before makes a trouble that stands.")),
                Words.wrapped(Words.quiet(
                        "A code for pairing an application is typed from the keypad and kept nowhere here.")));
    }

    @Override
    public List<Part> middle(WindowState state) {
        Job job = state.job();
        List<Part> parts = new ArrayList<>();
        parts.add(choice(job));
        Optional<Unit> unit = unit(state);
        if (unit.isEmpty()) {
            parts.add(
                    Words.empty(
                            "Nobody has said yet which communicator it is. Choose its make, and its wires, its settings and the order of the work follow."));
            return parts;
        }
        switch (view) {
            case WIRES -> parts.addAll(attach.parts(state, unit.get()));
            case WORK -> {
                parts.add(Parts.flow()
                        .add(run.tools(AttachRun.PREFIX))
                        .style("switches")
                        .group());
                parts.addAll(pairing.parts(unit.get().profile()));
                parts.addAll(
                        run.parts(state, its -> AttachRun.of(its.job()), "The communicator is attached and at work"));
            }
            case IDENTITY -> parts.addAll(identity.parts(state, unit.get()));
        }
        return parts;
    }

    private Part choice(Job job) {
        List<UnitProfile> all = new ArrayList<>(profiles.get());
        Optional<UnitProfile> chosen = job.communicator().unit().map(Unit::profile);
        chosen.filter(its -> !all.contains(its)).ifPresent(all::add);
        Parts row = Parts.flow(Choice.of(
                "Make",
                all,
                chosen.orElse(null),
                "choose the make",
                UnitProfile::name,
                profile -> actions.apply(UnitEdits.profile(profile))));
        if (chosen.isPresent()) {
            row.add(Switch.bare("Looked at", Arrays.asList(UnitView.values()), view, UnitView::words, other -> {
                view = other;
                showAgain();
            }));
        }
        return row.style("switches").group();
    }
}
