package io.answerback.core.engine.edit;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.unit.Fitting;
import io.answerback.core.model.unit.Identity;
import io.answerback.core.model.unit.Service;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.model.unit.UnitReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Edits to the communicator as a box, and to its mail server. All but the choice of its profile refuse with
/// [IllegalArgumentException] while nobody has said which communicator it is.
public final class UnitEdits {
    private UnitEdits() {}

    /// Says which communicator it is. A module of its kind that is in the job already is taken for it.
    public static Edit profile(UnitProfile profile) {
        return new Edit("choice of the communicator", job -> {
            Optional<ModuleId> module = job.modules().stream()
                    .filter(its -> its.kindId().equals(profile.module().id()))
                    .map(PanelModule::id)
                    .findFirst();
            return job.withCommunicator(job.communicator().withUnit(Unit.of(profile, module)));
        });
    }

    /// Adds the communicator to the modules, and its kind to the panel's profile where the panel does not know it.
    public static Edit addModule() {
        return new Edit("communicator among the modules", job -> {
            Unit unit = unit(job);
            ModuleKind kind = unit.profile().module();
            PanelProfile profile = job.panel().profile();
            Job next = profile.module(kind.id()).isPresent()
                    ? job
                    : job.withPanel(new Panel(job.panel().name(), profile.withModules(more(profile.modules(), kind))));
            PanelModule module = PanelModule.called(freeName(job), kind.id(), List.of());
            return next.withModules(more(next.modules(), module))
                    .withCommunicator(next.communicator().withUnit(unit.withModule(Optional.of(module.id()))));
        });
    }

    private static String freeName(Job job) {
        String name = "Communicator";
        for (int i = 2; taken(job, name); i++) {
            name = "Communicator " + i;
        }
        return name;
    }

    private static boolean taken(Job job, String name) {
        return job.modules().stream().anyMatch(module -> module.name().equals(name))
                || job.module(new ModuleId(name)).isPresent();
    }

    private static <T> List<T> more(List<T> list, T other) {
        List<T> more = new ArrayList<>(list);
        more.add(other);
        return more;
    }

    /// A change of how it is attached.
    ///
    /// @param what what is changed, as the undo menu says it, such as "jumper"
    public static Edit fitting(String what, UnaryOperator<Fitting> change) {
        return unit(what, unit -> unit.withFitting(change.apply(unit.fitting())));
    }

    /// A change of what tells it from others.
    ///
    /// @param what what is changed, as the undo menu says it
    public static Edit identity(String what, UnaryOperator<Identity> change) {
        return unit(what, unit -> unit.withIdentity(change.apply(unit.identity())));
    }

    /// A change of its SIM; of one of which nothing is known where it had none.
    ///
    /// @param what what is changed, as the undo menu says it
    public static Edit sim(String what, UnaryOperator<SimCard> change) {
        return unit(what, unit -> unit.withSim(change.apply(unit.sim().orElse(SimCard.UNKNOWN))));
    }

    /// A change of how far it has been put to work.
    ///
    /// @param what what is changed, as the undo menu says it
    public static Edit service(String what, UnaryOperator<Service> change) {
        return unit(what, unit -> unit.withService(change.apply(unit.service())));
    }

    /// One more reading of its signal.
    public static Edit heard(UnitReading reading) {
        return unit("signal", unit -> unit.with(reading));
    }

    /// A change of its mail server; of one of which nothing is known where there is none.
    ///
    /// @param what what is changed, as the undo menu says it
    public static Edit mail(String what, UnaryOperator<MailPlan> change) {
        return new Edit(
                what + " of the mail server",
                job -> job.withCommunicator(job.communicator()
                        .withMail(change.apply(job.communicator().mail().orElse(MailPlan.UNKNOWN)))));
    }

    private static Edit unit(String what, UnaryOperator<Unit> change) {
        return new Edit(
                what + " of the communicator",
                job -> job.withCommunicator(job.communicator().withUnit(change.apply(unit(job)))));
    }

    private static Unit unit(Job job) {
        return job.communicator()
                .unit()
                .orElseThrow(() -> new IllegalArgumentException("choose the communicator first"));
    }
}
