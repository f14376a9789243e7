package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.memo.Groups;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.shown.LineIds;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.prove.proof.ProofFacts;
import io.answerback.core.report.JobSignals;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// The lines of points: each active and back at rest, and its cover where its loop watches one.
final class DeviceLines {
    private static final String TAMPER = "137";
    private static final double MINUTES = 1.5;
    private static final double COVER_MINUTES = 2;
    private static final int MASK_SECONDS = 180;

    /// The points of which there are lines, in the order to walk to them.
    static final Fact<List<PointId>> ORDER;

    /// The points of [#ORDER], some dozens at a time.
    static final Groups<PointId> POINTS;

    /// The lines of a point.
    static final FactOf<PointId, PerPoint<AcceptanceLine>> OF_POINT =
            FactOf.each("lines of a point", (facts, id) -> new DeviceLines(facts).lines(facts.existingPoint(id)));

    private static final Fact<Map<PointId, List<Expected>>> SENT =
            Fact.of("what arrives of every point", DeviceLines::sent);
    private static final FactOf<PointId, List<Expected>> SENT_OF =
            FactOf.each("what arrives of a point", (facts, id) -> facts.of(SENT).getOrDefault(id, List.of()));
    private static final FactOf<PointId, Optional<WalkingOrder.Place>> PLACE = FactOf.each(
            "place of a point that reports",
            (facts, id) -> reports(facts, id) ? Optional.of(WalkingOrder.Place.of(facts, id)) : Optional.empty());

    static {
        Groups<PointId> surveyed = new Groups<>("surveyed points", Fact.of("ids of points", Facts::pointIds));
        Fact<List<Optional<WalkingOrder.Place>>> places = surveyed.all("places of points", PLACE);
        ORDER = Fact.of("order to walk", facts -> {
            List<WalkingOrder.Place> reported = new ArrayList<>();
            facts.of(places).forEach(place -> place.ifPresent(reported::add));
            return WalkingOrder.of(reported);
        });
        POINTS = new Groups<>("points to be shown", ORDER);
    }

    private final Facts facts;
    private final AlarmManner manner;

    private DeviceLines(Facts facts) {
        this.facts = facts;
        this.manner = facts.of(AlarmManner.FACT);
    }

    private static Map<PointId, List<Expected>> sent(Facts facts) {
        Map<PointId, List<Expected>> sent = new LinkedHashMap<>();
        for (JobSignals.Sent each : facts.of(JobSignals.ALL)) {
            each.point()
                    .ifPresent(id ->
                            sent.computeIfAbsent(id, point -> new ArrayList<>()).add(Expected.of(each.signal())));
        }
        return sent;
    }

    private static boolean reports(Facts facts, PointId id) {
        return programmed(facts, id)
                .filter(zone -> zone.type() == ZoneType.LOG_ONLY || zone.type().switches())
                .isEmpty();
    }

    private PerPoint<AcceptanceLine> lines(Point point) {
        if (zone(point.id()).isEmpty()) {
            return new PerPoint<>(unready(point), Optional.empty(), Optional.empty());
        }
        boolean covered =
                !SharedLoop.covers(point).isEmpty() && point.loop().scheme().watchesCover();
        boolean masked = point.loop().scheme().watchesMask()
                && point.has(kind -> kind.outputs().mask());
        return new PerPoint<>(
                device(point, zone(point.id()).orElseThrow()),
                covered ? Optional.of(cover(point)) : Optional.empty(),
                masked ? Optional.of(mask(point)) : Optional.empty());
    }

    private static Optional<Zone> programmed(Facts facts, PointId id) {
        return facts.inputOf(id).map(Input::zone).flatMap(facts::zone);
    }

    private Optional<Zone> zone(PointId id) {
        return programmed(facts, id)
                .filter(zone -> zone.type() != ZoneType.NOT_USED && zone.area().isPresent());
    }

    /// It is in the plan all the same, so that nobody takes it for shown.
    private AcceptanceLine unready(Point point) {
        return AcceptanceLine.line(LineIds.POINT + point.id(), LineSection.DEVICES, point.id() + " " + point.name())
                .order("Program its zone first, then try it")
                .impossible()
                .seen("nothing can arrive: it has no input, or its zone is off or in no area")
                .takes(MINUTES)
                .because("Nobody knows that it works until its signal was read at the station.")
                .of(point.id())
                .rests(upstream(point.id()))
                .made();
    }

    private AcceptanceLine device(Point point, Zone zone) {
        int entry = zone.type() == ZoneType.ENTRY_EXIT
                ? (int) Math.ceil(manner.entrySeconds().get(zone.area().orElseThrow()))
                : 0;
        String set = zone.type().watchesAlways()
                ? ""
                : Text.of("With area %02d set: ", zone.area().orElseThrow());
        SharedLoop shared = SharedLoop.of(point);
        return AcceptanceLine.line(
                        LineIds.POINT + point.id(), LineSection.DEVICES, shared.title(point.id() + " " + point.name()))
                .order(
                        shared.alone()
                                ? lowered(set, tried(point.kind(), zone))
                                : lowered(
                                        set,
                                        Text.of(
                                                "Each of the %d devices on its loop by itself, one after the other%s",
                                                shared.devices().size(), leftOutAfter(shared))))
                .steps(steps(shared, zone))
                .expects(shared.each(facts.of(SENT_OF, point.id())), entry + answerSeconds())
                .bring(brings(point))
                .seen(entry == 0 ? "" : Text.of("keypads sound for %d s first", entry))
                .caution(caution(zone.type()))
                .takes((MINUTES + entry / 60.0) * shared.devices().size())
                .because("Nobody knows that it works until its signal was read at the station.")
                .of(point.id())
                .rests(upstream(point.id()))
                .made();
    }

    private static String brings(Point point) {
        return point.kinds().stream()
                .map(kind -> switch (kind.family()) {
                    case FIRE -> "test smoke, under its own licence only";
                    case GAS -> "test gas, under its own licence only";
                    case DOOR, WINDOW, MOVEMENT, GLASS, VIBRATION, HOLD_UP, KEY_SWITCH, TECHNICAL -> "";
                })
                .filter(what -> !what.isEmpty())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private String tried(PointKind kind, Zone zone) {
        String knocks = knocks(zone);
        return knocks.isEmpty() ? acted(kind) : lowered(knocks, acted(kind));
    }

    private String knocks(Zone zone) {
        if (zone.type() == ZoneType.FIRE && manner.verifiesFire()) {
            return "Twice, the second time once the detector was reset: ";
        }
        return manner.twoKnocks().contains(zone.number())
                ? Text.of(
                        "Twice within %d s: ",
                        facts.panel().profile().itsManners().knockSeconds())
                : "";
    }

    /// What stays in alarm has to be reset before its restore can come.
    private static String acted(PointKind kind) {
        String reset =
                kind.latch().map(latch -> ": it comes back " + latch.words()).orElse("");
        return kind.words().act()
                + ", then "
                + lowered(" ", kind.words().restore()).strip()
                + reset;
    }

    /// One a device, with its name; none where there is but one device, whose order is its step.
    private String[] steps(SharedLoop shared, Zone zone) {
        return shared.alone()
                ? new String[0]
                : shared.devices().stream()
                        .map(device -> device.name() + lowered(": ", tried(device.kind(), zone)))
                        .toArray(String[]::new);
    }

    /// A zone that is left out after some alarms sends nothing more until the area was unset and set again.
    private String leftOutAfter(SharedLoop shared) {
        return manner.mostAlarms()
                .filter(most -> most < shared.devices().size())
                .map(most -> Text.of(
                        "; unset and set the area again after every %d, which is when the zone is left out", most))
                .orElse("");
    }

    private static String lowered(String before, String words) {
        return before.isEmpty()
                ? words
                : before + words.substring(0, 1).toLowerCase(java.util.Locale.ROOT) + words.substring(1);
    }

    private static String caution(ZoneType type) {
        return switch (type) {
            case FIRE -> "Fire under its own licence: the fire service and the occupants know before.";
            case GAS -> "Gas under its own licence: test gas only, nobody in the room but you.";
            case HOLD_UP, HOLD_UP_SILENT -> "The police may come: on test, and told, before you press.";
            case NOT_USED,
                    ENTRY_EXIT,
                    ENTRY_ROUTE,
                    IMMEDIATE,
                    ALWAYS,
                    TAMPER,
                    TECHNICAL,
                    KEY_SWITCH,
                    KEY_SWITCH_HELD,
                    LOG_ONLY -> "";
        };
    }

    private AcceptanceLine cover(Point point) {
        SharedLoop covers = new SharedLoop(SharedLoop.covers(point));
        Zone zone = zone(point.id()).orElseThrow();
        return AcceptanceLine.line(
                        LineIds.TAMPER + point.id(),
                        LineSection.COVERS,
                        covers.title("Cover of " + point.id() + " " + point.name()))
                .order(
                        covers.alone()
                                ? "Take the cover off, then put it back"
                                : Text.of(
                                        "Take each of the %d covers off by itself, then put it back",
                                        covers.devices().size()))
                .steps(
                        covers.alone()
                                ? new String[0]
                                : covers.devices().stream()
                                        .map(device -> device.name() + ": take the cover off, then put it back")
                                        .toArray(String[]::new))
                .plays(played(zone, Meaning.TAMPER, covers.devices().size()))
                .expects(covers.each(tampered(zone)), answerSeconds())
                .caution(
                        covers.devices().stream()
                                        .anyMatch(device ->
                                                device.kind().powering().isPresent())
                                ? "Low voltage only; ladder footed."
                                : "Ladder footed.")
                .takes(COVER_MINUTES * covers.devices().size())
                .because("A cover that nobody misses can be opened by day and left ready for the night.")
                .of(point.id())
                .rests(upstream(point.id()))
                .made();
    }

    /// What the panel sends when a loop reads anything but rest and alarm, and rests again.
    private List<Expected> tampered(Zone zone) {
        int area = zone.area().orElseThrow();
        String account = facts.area(area).map(its -> its.account()).orElse("");
        return account.isEmpty()
                ? List.of()
                : List.of(
                        Expected.of(new Signal(account, Qualifier.NEW, TAMPER, area, zone.number())),
                        Expected.of(new Signal(account, Qualifier.RESTORE, TAMPER, area, zone.number())));
    }

    private List<PanelCase.Event> played(Zone zone, Meaning reads, int times) {
        Story story = new Story(facts.of(OperationRules.FACT));
        for (int i = 0; i < times; i++) {
            story.reads(zone.number(), reads)
                    .moment()
                    .reads(zone.number(), Meaning.NORMAL)
                    .moment();
        }
        return story.events();
    }

    /// The panel takes a masked detector for a tampered one, so that its signals are those of its cover: they count for
    /// this line only while somebody masks it on purpose.
    private AcceptanceLine mask(Point point) {
        Zone zone = zone(point.id()).orElseThrow();
        return AcceptanceLine.line(
                        LineIds.MASK + point.id(), LineSection.COVERS, "Masking of " + point.id() + " " + point.name())
                .order("Cover its lens until it says that it is masked, then clear it and walk past it")
                .steps(
                        "Stand beside it, not before it, and cover its lens as its manual says",
                        "Wait for its signal: some take minutes",
                        "Clear the lens, and walk past it once")
                .plays(played(zone, Meaning.MASKED, 1))
                .onlyChosen()
                .expects(tampered(zone), answerSeconds() + MASK_SECONDS)
                .seen("a keypad says that it is masked")
                .caution("Ladder footed; nothing on the lens that it keeps, such as spray or tape.")
                .bring("card or cloth, as the detector's manual says")
                .takes(COVER_MINUTES)
                .because("A detector that is masked by day sees nothing at night.")
                .of(point.id())
                .rests(upstream(point.id()))
                .made();
    }

    private int answerSeconds() {
        return SystemLines.answerSeconds(facts);
    }

    private Map<String, String> upstream(PointId id) {
        return flat(facts.of(ProofFacts.UPSTREAM, id));
    }

    /// All that a signal rests on, flat, with the link before each name.
    static Map<String, String> flat(Map<Link, Map<String, String>> upstream) {
        Map<String, String> flat = new TreeMap<>();
        upstream.forEach((link, its) -> its.forEach((name, value) -> flat.put(link.title() + ": " + name, value)));
        return flat;
    }
}
