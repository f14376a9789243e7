package io.answerback.core.site;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.Require;
import io.answerback.core.practice.Practice;
import io.answerback.core.profile.InputModel;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;

/// The whole site: everything that was surveyed, wired, programmed and proven. Never changes; an edit makes
/// another.
///
/// @param site where it is
/// @param practice the firm's house rules
/// @param panel the panel and what its make expects
/// @param modules what brings inputs and keys to the panel, its own board first
/// @param areas parts of the building, by number
/// @param points what is watched, in the order of the list
/// @param cables what runs between boxes, joint boxes and devices
/// @param inputs every supervised input there is, used or not
/// @param zones every zone as programmed
/// @param communicator the unit that carries events out
/// @param receivers the station's receivers
/// @param proofs what was answered; at most one a point
/// @param measurements what was measured, oldest first
/// @param power what holds it up when the mains fails
/// @param bus what is on the keypad bus
/// @param radio what the panel hears by radio
/// @param setup what was decided about how the panel shall behave, and how far it has been typed
public record Job(
        Site site,
        Practice practice,
        Panel panel,
        List<PanelModule> modules,
        List<Area> areas,
        List<Point> points,
        List<Cable> cables,
        List<Input> inputs,
        List<Zone> zones,
        Communicator communicator,
        List<Receiver> receivers,
        List<Proof> proofs,
        List<Measurement> measurements,
        Power power,
        Bus bus,
        Radio radio,
        Setup setup) {
    /// @throws IllegalArgumentException when a part is missing, two parts of a kind share an id, or a part
    ///     refers
    ///     to a point, receiver or module that is not there
    public Job {
        Require.given(site, "site");
        Require.given(practice, "practice");
        Require.given(panel, "panel");
        Require.given(communicator, "communicator");
        modules = JobParts.unique(modules, PanelModule::name, "modules", "module");
        areas = JobParts.unique(areas, Area::number, "areas", "area");
        points = JobParts.unique(points, Point::id, "points", "point");
        cables = JobParts.unique(cables, Cable::id, "cables", "cable");
        inputs = JobParts.unique(
                JobParts.withoutUnusedRadio(JobParts.withoutUnusedSeconds(inputs), modules, panel.profile()),
                Input::id,
                "inputs",
                "input");
        zones = JobParts.unique(zones, Zone::number, "zones", "zone");
        receivers = JobParts.unique(receivers, Receiver::id, "receivers", "receiver");
        proofs = JobParts.unique(proofs, Proof::pointId, "proofs", "proof of point");
        measurements = List.copyOf(measurements == null ? List.of() : measurements);
        power = power == null ? Power.UNDECIDED : power;
        bus = bus == null ? Bus.UNDECIDED : bus;
        radio = radio == null ? Radio.UNDECIDED : radio;
        setup = setup == null ? Setup.UNDECIDED : setup;
        JobParts.unique(
                JobParts.usedInputs(inputs).toList(),
                input -> input.pointId().orElseThrow(),
                "inputs",
                "input of point");
        JobParts.requireCableEnds(cables, points, modules);
        JobParts.refersTo(
                points, JobParts.usedInputs(inputs).map(input -> input.pointId().orElseThrow()), "an input serves");
        JobParts.refersTo(points, measurements.stream().map(Measurement::pointId), "a measurement was made at");
        JobParts.requireModules(modules, inputs);
        JobParts.requireShared(inputs);
        JobParts.requireReceivers(communicator, receivers);
    }

    /// The point with this id; empty when there is none.
    public Optional<Point> point(String id) {
        return first(points, point -> point.id().equals(id));
    }

    /// The cable with this label; empty when there is none.
    public Optional<Cable> cable(String id) {
        return first(cables, cable -> cable.id().equals(id));
    }

    /// The first cable to this point's device; empty when none was run.
    public Optional<Cable> cableTo(String pointId) {
        return first(cables, cable -> cable.ends().serves(pointId));
    }

    /// The input this point is wired to; empty when it is not.
    public Optional<Input> inputOf(String pointId) {
        return first(inputs, input -> input.pointId().filter(pointId::equals).isPresent());
    }

    /// The point in whose loop a point's contact lies: its own, or where two zones share an input, that of the
    /// first. The point it returns has the parts of that loop.
    public Point onLoop(Point point) {
        return loopOwner(point.id()).map(owner -> point.withLoop(owner.loop())).orElse(point);
    }

    /// The point whose cable runs to a point's input: empty for a point whose input is its own.
    public Optional<Point> loopOwner(String pointId) {
        return inputOf(pointId)
                .flatMap(Input::shares)
                .flatMap(id -> first(inputs, input -> input.id().equals(id)))
                .flatMap(Input::pointId)
                .flatMap(this::point);
    }

    /// How an input measures; the panel's own way where there is none.
    public InputModel inputModel(Optional<Input> input) {
        return input.flatMap(its -> module(its.module()))
                .flatMap(module -> panel.profile().module(module.kindId()))
                .map(panel.profile()::inputs)
                .orElseGet(panel.profile()::inputs);
    }

    /// The zone with this number; empty when it was never programmed.
    public Optional<Zone> zone(int number) {
        return first(zones, zone -> zone.number() == number);
    }

    /// The module with this name; empty when there is none.
    public Optional<PanelModule> module(String name) {
        return first(modules, module -> module.name().equals(name));
    }

    /// The area with this number; empty when there is none.
    public Optional<Area> area(int number) {
        return first(areas, area -> area.number() == number);
    }

    /// The proof kept of this zone point or system point; empty when there is none.
    public Optional<Proof> proofOf(String pointId) {
        return first(proofs, proof -> proof.pointId().equals(pointId));
    }

    /// The receivers of the IP route, in the order they are tried.
    public List<Receiver> routeReceivers() {
        return communicator.ip().receiverIds().stream()
                .map(id ->
                        first(receivers, receiver -> receiver.id().equals(id)).orElseThrow())
                .toList();
    }

    private static <T> Optional<T> first(List<T> parts, Predicate<T> which) {
        for (T part : parts) {
            if (which.test(part)) {
                return Optional.of(part);
            }
        }
        return Optional.empty();
    }

    /// This job at another site.
    public Job withSite(Site other) {
        return with(draft -> draft.site = other);
    }

    /// This job with another practice.
    public Job withPractice(Practice other) {
        return with(draft -> draft.practice = other);
    }

    /// This job with another panel.
    public Job withPanel(Panel other) {
        return with(draft -> draft.panel = other);
    }

    /// This job with other modules.
    public Job withModules(List<PanelModule> other) {
        return with(draft -> draft.modules = other);
    }

    /// This job with other areas.
    public Job withAreas(List<Area> other) {
        return with(draft -> draft.areas = other);
    }

    /// This job with other points.
    public Job withPoints(List<Point> other) {
        return with(draft -> draft.points = other);
    }

    /// This job with other cables.
    public Job withCables(List<Cable> other) {
        return with(draft -> draft.cables = other);
    }

    /// This job with other inputs.
    public Job withInputs(List<Input> other) {
        return with(draft -> draft.inputs = other);
    }

    /// This job with other zones.
    public Job withZones(List<Zone> other) {
        return with(draft -> draft.zones = other);
    }

    /// This job with another communicator.
    public Job withCommunicator(Communicator other) {
        return with(draft -> draft.communicator = other);
    }

    /// This job with other proofs.
    public Job withProofs(List<Proof> other) {
        return with(draft -> draft.proofs = other);
    }

    /// This job with other measurements.
    public Job withMeasurements(List<Measurement> other) {
        return with(draft -> draft.measurements = other);
    }

    /// This job with other power.
    public Job withPower(Power other) {
        return with(draft -> draft.power = other);
    }

    /// This job with something else on its bus.
    public Job withBus(Bus other) {
        return with(draft -> draft.bus = other);
    }

    /// This job with something else heard by radio.
    public Job withRadio(Radio other) {
        return with(draft -> draft.radio = other);
    }

    /// This job set up otherwise.
    public Job withSetup(Setup other) {
        return with(draft -> draft.setup = other);
    }

    private Job with(Consumer<JobDraft> change) {
        JobDraft draft = new JobDraft(this);
        change.accept(draft);
        return draft.made();
    }
}
