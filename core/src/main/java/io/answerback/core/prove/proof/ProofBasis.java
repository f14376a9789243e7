package io.answerback.core.prove.proof;

import static java.util.stream.Collectors.joining;

import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableRun;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/// The facts on which a point's answer rests: the fingerprint of everything upstream of a proof, kept readable
/// so that a stale proof can say what changed, from what, to what.
///
/// Facts are what an engineer would have to check again. A point's name is not among them; its number, parts,
/// cable, input, programming, event and route are.
public final class ProofBasis {
    private final Parts job;
    private final EventTable events;
    private final Function<Input, Optional<Input>> readInstead;

    /// The facts of one job.
    ///
    /// @param events the event table: who is told of an event is a matter of its class
    /// @param readInstead the input the panel looks at for the zone of another; empty when it looks at that
    ///     itself
    public ProofBasis(Parts job, EventTable events, Function<Input, Optional<Input>> readInstead) {
        this.job = job;
        this.events = events;
        this.readInstead = readInstead;
    }

    /// The facts of each link but the station's own, for a zone point or a system point of a job.
    ///
    /// @throws IllegalArgumentException when the job has no such point
    public static Map<Link, Map<String, String>> of(Parts job, EventTable events, PointId pointId) {
        Map<InputId, Input> instead = ZoneMap.of(job).readInstead();
        return new ProofBasis(job, events, input -> Optional.ofNullable(instead.get(input.id()))).of(pointId);
    }

    /// The facts of each link but the station's own, for a zone point or a system point.
    ///
    /// @throws IllegalArgumentException when the job has no such point
    public Map<Link, Map<String, String>> of(PointId pointId) {
        Optional<Point> point = job.point(pointId);
        if (point.isPresent()) {
            Optional<Input> input = job.inputOf(pointId);
            Point onLoop = job.onLoop(point.get());
            PointId owner = job.loopOwner(pointId).map(Point::id).orElse(pointId);
            Optional<Cable> run = job.cableRun(owner).map(CableRun::equivalent);
            return of(onLoop, run, input, input.flatMap(used -> job.zone(used.zone())));
        }
        return of(SystemPoint.of(pointId)
                .orElseThrow(() -> new IllegalArgumentException("the job has no point " + pointId)));
    }

    /// The same for a system point.
    public Map<Link, Map<String, String>> of(SystemPoint system) {
        Map<Link, Map<String, String>> facts = new EnumMap<>(Link.class);
        facts.put(Link.POINT, Map.of("kind", system.title()));
        facts.put(Link.EVENT, event(system.event(), firstAccount(job)));
        facts.put(Link.ROUTE, route(system.event()));
        return facts;
    }

    /// The same for a zone point whose cable, input and zone are at hand.
    public Map<Link, Map<String, String>> of(
            Point point, Optional<Cable> cable, Optional<Input> input, Optional<Zone> zone) {
        Map<Link, Map<String, String>> facts = new EnumMap<>(Link.class);
        facts.put(Link.POINT, point(point));
        facts.put(Link.LOOP, point.kind().radio() ? Map.of("sends", "by radio") : loop(point.loop(), cable));
        facts.put(
                Link.INPUT,
                point.kind().radio() ? radio(input) : input(point.loop().scheme(), input));
        facts.put(Link.ZONE, zone(zone));
        String account = zone.flatMap(Zone::area)
                .flatMap(job::area)
                .map(area -> area.account())
                .orElse("");
        String event = zone.map(Zone::event).orElse("");
        facts.put(Link.EVENT, event(event, account));
        facts.put(Link.ROUTE, route(event));
        return facts;
    }

    private Map<String, String> route(String event) {
        return RouteFacts.of(job, events.group(event, Qualifier.NEW));
    }

    /// What shares the loop is named only where it is not all of the point's own kind.
    private static Map<String, String> point(Point point) {
        Map<String, String> facts = new TreeMap<>();
        facts.put("kind", point.kind().name());
        if (!point.inSeries().isEmpty()) {
            facts.put("contacts in series", Integer.toString(point.inSeries().size()));
        }
        if (point.kinds().stream().anyMatch(kind -> !kind.equals(point.kind()))) {
            facts.put(
                    "kinds on its loop",
                    point.kinds().stream().map(PointKind::name).collect(joining(", ")));
        }
        return facts;
    }

    private Map<String, String> input(SchemeKind scheme, Optional<Input> input) {
        Map<String, String> facts = reader(job.panel().profile().name(), job.inputModel(input), scheme);
        facts.put("input", input.map(ProofBasis::place).orElse("none"));
        input.flatMap(readInstead).ifPresent(other -> facts.put("read in its place", place(other)));
        enrolled(input, facts);
        return facts;
    }

    /// By what the module is known by and not by its name: a proof outlives a name.
    private static String place(Input input) {
        return input.module() + " · " + input.number() + (input.second() ? ", second zone" : "");
    }

    private Map<String, String> radio(Optional<Input> input) {
        Map<String, String> facts = new TreeMap<>();
        facts.put("panel profile", job.panel().profile().name());
        facts.put("input", input.map(ProofBasis::place).orElse("none"));
        enrolled(input, facts);
        return facts;
    }

    /// A device enrolled anew can have another zone.
    private void enrolled(Optional<Input> input, Map<String, String> facts) {
        input.flatMap(its -> job.radio().enrolment(its.id()))
                .ifPresent(its -> facts.put("enrolled as zone", Integer.toString(its.zone())));
    }

    private static Map<String, String> loop(LoopWiring wiring, Optional<Cable> cable) {
        Map<String, String> facts = new TreeMap<>();
        facts.put("scheme", wiring.scheme().words());
        facts.put("end-of-line resistor", ohms(wiring.endOfLineOhms()));
        facts.put("alarm resistor", ohms(wiring.alarmOhms()));
        if (wiring.scheme().has(SchemeKind.Part.SECOND)) {
            facts.put("second contact's resistor", ohms(wiring.secondOhms()));
        }
        facts.put("tolerance", plain(wiring.tolerancePercent()) + " %");
        facts.put("contact resistance", ohms(wiring.contactOhms()));
        facts.put("place of the resistor", wiring.place().words());
        if (wiring.supplyRelay()) {
            facts.put("supply-watching relay", "fitted");
        }
        cable.ifPresent(run -> {
            facts.put("cable", run.id().text());
            facts.put("cable length", plain(run.metres()) + " m");
            facts.put("conductor", run.conductor().name());
            facts.put("conductor resistance", plain(run.conductor().ohmsPerKilometre()) + " Ω/km");
            facts.put("cable temperature", plain(run.coldestCelsius()) + " to " + plain(run.hottestCelsius()) + " °C");
        });
        return facts;
    }

    private static Map<String, String> reader(String profile, InputModel model, SchemeKind scheme) {
        Map<String, String> facts = new TreeMap<>();
        facts.put("panel profile", profile);
        facts.put("pull-up", plain(model.pullUpVolts()) + " V through " + ohms(model.pullUpOhms()));
        model.reads(scheme)
                .ifPresent(reads -> reads.bands()
                        .forEach(band -> facts.merge(
                                band.meaning().word() + " band",
                                plain(band.low()) + " to " + plain(band.high()) + " "
                                        + band.unit().symbol(),
                                (one, two) -> one + " and " + two)));
        return facts;
    }

    private static Map<String, String> zone(Optional<Zone> zone) {
        return zone.<Map<String, String>>map(programmed -> Map.of(
                        "zone", Integer.toString(programmed.number()),
                        "zone type", programmed.type().words(),
                        "area",
                                programmed
                                        .area()
                                        .map(value -> Text.of("%02d", value))
                                        .orElse("none")))
                .orElse(Map.of("zone", "none"));
    }

    private static Map<String, String> event(String event, String account) {
        return Map.of("event", event.isEmpty() ? "none" : event, "account", account.isEmpty() ? "none" : account);
    }

    private static String firstAccount(Parts job) {
        return job.areas().stream()
                .map(area -> area.account())
                .filter(account -> !account.isEmpty())
                .findFirst()
                .orElse("");
    }

    private static String ohms(double ohms) {
        return plain(ohms) + " Ω";
    }

    private static String plain(double value) {
        if (Double.isInfinite(value)) {
            return "∞";
        }
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
