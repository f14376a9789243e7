package io.answerback.core.model.site;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableRun;
import io.answerback.core.model.common.Keyed;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.service.SiteService;
import io.answerback.core.model.shown.Acceptance;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// The parts of a job, read and not changed. Computations take this and not the [Job], so that what they read
/// can be kept with what they computed.
public interface Parts {
    /// Where the job is.
    Site site();

    /// The firm's house rules, and what the job does otherwise.
    Practice practice();

    /// The panel and what its make expects.
    Panel panel();

    /// What brings inputs and keys to the panel, its own board first.
    List<PanelModule> modules();

    /// Parts of the building that are set on their own, by number.
    List<Area> areas();

    /// What is watched, in the order of the list.
    List<Point> points();

    /// What runs between boxes, joint boxes and devices.
    List<Cable> cables();

    /// Every supervised input there is, used or not.
    List<Input> inputs();

    /// Every zone as programmed.
    List<Zone> zones();

    /// The unit that carries events out.
    Communicator communicator();

    /// The station's receivers.
    List<Receiver> receivers();

    /// What was answered; at most one a point.
    List<Proof> proofs();

    /// What was measured, oldest first.
    List<Measurement> measurements();

    /// What holds the site up when the mains fails.
    Power power();

    /// What is on the keypad bus.
    Bus bus();

    /// What the panel hears by radio.
    Radio radio();

    /// What was decided about how the panel shall behave, and how far it has been typed.
    PanelProgramming setup();

    /// What was shown before the site is handed over.
    Acceptance acceptance();

    /// Who was there, what for, and what was handed over.
    SiteService service();

    /// The ids of the points, in the order of the list.
    default List<PointId> pointIds() {
        return ((Keyed<Point>) points()).keys();
    }

    /// The labels of the cables, in the order of the list.
    default List<CableId> cableIds() {
        return ((Keyed<Cable>) cables()).keys();
    }

    /// The point with this id; empty when there is none.
    Optional<Point> point(PointId id);

    /// The cable with this label; empty when there is none.
    Optional<Cable> cable(CableId id);

    /// The first cable to this point's device; empty when none was run.
    Optional<Cable> cableTo(PointId pointId);

    /// The cables to one far end, in their order.
    List<Cable> cablesTo(EndId farEnd);

    /// The cables that are said to begin at a module or joint box, in their order; those of which nothing is said
    /// for an empty place.
    List<Cable> cablesFrom(Optional<BoxId> place);

    /// The input with this id; empty when there is none.
    Optional<Input> input(InputId id);

    /// The input this point is wired to; empty when it is not.
    Optional<Input> inputOf(PointId pointId);

    /// The zone with this number; empty when it was never programmed.
    Optional<Zone> zone(int number);

    /// The module with this id; empty when there is none.
    Optional<PanelModule> module(ModuleId id);

    /// The area with this number; empty when there is none.
    Optional<Area> area(int number);

    /// The receiver with this id; empty when there is none.
    Optional<Receiver> receiver(ReceiverId id);

    /// The proof kept of this zone point or system point; empty when there is none.
    Optional<Proof> proofOf(PointId pointId);

    /// The point with this id.
    ///
    /// @throws IllegalArgumentException when there is none
    default Point existingPoint(PointId id) {
        return point(id).orElseThrow(() -> new IllegalArgumentException("there is no point " + id + " in this job"));
    }

    /// The cables a point's loop runs through; empty when no cable goes to its device. Where several go to one
    /// device or joint box, it runs through the first. A run that comes back to a joint box it has been through
    /// ends there.
    default Optional<CableRun> cableRun(PointId pointId) {
        Optional<Cable> cable = cableTo(pointId);
        List<Cable> run = new ArrayList<>();
        Set<CableId> through = new HashSet<>();
        while (cable.isPresent() && through.add(cable.get().id())) {
            run.add(cable.get());
            cable = cable.get().ends().from().flatMap(this::firstTo);
        }
        return run.isEmpty() ? Optional.empty() : Optional.of(new CableRun(run));
    }

    private Optional<Cable> firstTo(BoxId box) {
        return box instanceof JointId joint ? cablesTo(joint).stream().findFirst() : Optional.empty();
    }

    /// The point in whose loop a point's contact lies: its own, or where two zones share an input, that of the
    /// first. The point it returns has the parts of that loop.
    default Point onLoop(Point point) {
        return loopOwner(point.id()).map(owner -> point.withLoop(owner.loop())).orElse(point);
    }

    /// The point whose cable runs to a point's input: empty for a point whose input is its own.
    default Optional<Point> loopOwner(PointId pointId) {
        return inputOf(pointId)
                .flatMap(Input::shares)
                .flatMap(this::input)
                .flatMap(Input::pointId)
                .flatMap(this::point);
    }

    /// What the profile says of a module; empty where it does not know its kind.
    default Optional<ModuleKind> kindOf(PanelModule module) {
        return panel().profile().module(module.kindId());
    }

    /// What the profile says of the module with this id; empty where there is none, or its kind is not known.
    default Optional<ModuleKind> kindOf(ModuleId id) {
        return module(id).flatMap(this::kindOf);
    }

    /// What a module is called; its id where it is not there.
    default String nameOf(ModuleId id) {
        return module(id).map(PanelModule::name).orElse(id.text());
    }

    /// What a box is called: the name of the module, or of the joint box.
    default String nameOf(BoxId id) {
        return id instanceof ModuleId module ? nameOf(module) : id.text();
    }

    /// What is fed, as it is called: the name of the module, or the number of the point.
    default String nameOf(FedId id) {
        return id instanceof ModuleId module ? nameOf(module) : id.text();
    }

    /// What an input is called: its module and its place there, such as "Expander 1 · 7".
    default String nameOf(Input input) {
        return nameOf(input.module()) + " · " + input.number() + (input.second() ? ", second zone" : "");
    }

    /// How an input measures; the panel's own way where there is none.
    default InputModel inputModel(Optional<Input> input) {
        return input.flatMap(its -> kindOf(its.module()))
                .map(panel().profile()::inputs)
                .orElseGet(panel().profile()::inputs);
    }

    /// The receivers that are told of anything, in the order in which they are tried.
    default List<Receiver> routeReceivers() {
        return receivers().stream()
                .filter(receiver -> receiver.reception().toldAnything())
                .toList();
    }
}
