package io.answerback.core.setup;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.SettingValue.Amount;
import io.answerback.core.model.profile.SettingValue.Chosen;
import io.answerback.core.model.profile.SettingValue.Named;
import io.answerback.core.model.profile.SettingValue.Numbers;
import io.answerback.core.model.profile.SettingValue.Switch;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import io.answerback.core.model.unit.Attachment;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/// What is wanted of a panel: what was decided on the job, else what its survey, rules and common practice say.
public final class Intent {
    private static final double USUAL_ALARMS = 3;
    private static final double USUAL_CONFIRMATION_MINUTES = 30;
    private static final double USUAL_WARNING_MINUTES = 10;
    private static final int HIGH_SECURITY_GRADE = 3;

    private final Parts job;
    private final Map<Integer, Point> pointOfZone = new HashMap<>();

    /// What is wanted on a job.
    public Intent(Parts job) {
        this.job = job;
        for (Input input : job.inputs()) {
            input.pointId().flatMap(job::point).ifPresent(point -> pointOfZone.put(input.zone(), point));
        }
    }

    /// What is wanted; empty where nobody has to say anything, as of the area of a zone that is off.
    ///
    /// @param number of which area, zone, user or address; 0 for the panel
    public Optional<SettingValue> of(Decision decision, int number) {
        return job.setup()
                .decided(decision, number)
                .map(PanelProgramming.Decided::value)
                .map(decision::read)
                .or(() -> held(decision, number));
    }

    /// What another part of the job holds: a zone as it is programmed. A zone that has no area is in none,
    /// whatever was surveyed.
    private Optional<SettingValue> held(Decision decision, int number) {
        return switch (decision) {
            case ZONE_BEHAVIOUR -> Optional.of(new Chosen(type(number).name()));
            case ZONE_AREA -> live(number).flatMap(Zone::area).map(area -> numbers(List.of(area)));
            default -> usual(decision, number);
        };
    }

    /// What would be wanted had nobody decided otherwise.
    public Optional<SettingValue> usual(Decision decision, int number) {
        return switch (decision) {
            case ZONE_BEHAVIOUR ->
                point(number).map(point -> new Chosen(point.surveyed().type().name()));
            case ZONE_AREA ->
                live(number)
                        .flatMap(zone -> point(number))
                        .flatMap(point -> point.surveyed().area())
                        .map(area -> numbers(List.of(area)));
            case ZONE_NAME -> live(number).flatMap(zone -> point(number)).map(point -> new Named(point.name()));
            case ZONE_PART_SET ->
                live(number).map(zone -> new Chosen(partSet(number).name()));
            case ZONE_CHIME -> live(number).map(zone -> new Switch(false));
            case ZONE_DOUBLE_KNOCK ->
                live(number).filter(zone -> typed(decision)).map(zone -> new Switch(shakes(number)));
            case ZONE_RESPONSE -> live(number).filter(zone -> typed(decision)).flatMap(zone -> response(number));
            case AREA_NAME -> job.area(number).map(Area::name).map(Named::new);
            case AREA_ACCOUNT ->
                job.area(number)
                        .map(Area::account)
                        .filter(its -> !its.isEmpty())
                        .map(Named::new);
            case KEYPAD_AREAS -> job.bus().at(number).flatMap(this::keypadAreas);
            case USER_AREAS -> user(number).map(user -> numbers(user.areas().isEmpty() ? allAreas() : user.areas()));
            case USER_CODE, ENGINEER_CODE, REMOTE_CODE -> Optional.empty();
            case ENTRY_TIME ->
                limited(decision, number, RuleFigure.ENTRY_SECONDS)
                        .map(usual -> atLeast(usual, RuleFigure.LEAST_ENTRY_SECONDS));
            case EXIT_TIME ->
                limited(decision, number, RuleFigure.EXIT_SECONDS)
                        .map(usual -> atLeast(usual, RuleFigure.LEAST_EXIT_SECONDS));
            case SOUNDER_TIME -> limited(decision, number, RuleFigure.SIREN_MINUTES);
            case TEST_INTERVAL ->
                showsItselfByTests()
                        ? limited(decision, number, RuleFigure.TEST_HOURS, RuleFigure.REPORTING_HOURS)
                        : limited(decision, number, RuleFigure.TEST_HOURS);
            case MOST_ALARMS -> Optional.of(new Amount(atMost(USUAL_ALARMS, RuleFigure.MOST_ALARMS)));
            case CONFIRMATION_TIME ->
                job.practice().option(PracticeQuestion.CONFIRMATION) == PracticeOption.TWO_DETECTORS
                        ? Optional.of(new Amount(atMost(USUAL_CONFIRMATION_MINUTES, RuleFigure.CONFIRMATION_MINUTES)))
                        : Optional.empty();
            case REPORT_DELAY -> Optional.of(new Amount(job.practice().figure(RuleFigure.LEAST_REPORT_DELAY_SECONDS)));
            case SETS_WARNING -> Optional.of(new Amount(USUAL_WARNING_MINUTES));
            case ZONE_SHARED -> live(number).map(zone -> numbers(List.of()));
            case AREA_FOLLOWS -> job.area(number).map(area -> numbers(List.of()));
            case AREA_SETS_AT -> job.area(number).map(area -> new Named(""));
            case USER_HOURS -> user(number).map(user -> new Named(""));
            case OUTPUT_USE -> Optional.of(new Chosen(Decision.OutputUse.NOTHING.name()));
            case INTERFERENCE -> Optional.of(new Switch(job.practice().grade() >= HIGH_SECURITY_GRADE));
            case EXIT_BEEPS, RESTORE_SET, REPORT_SETTING, REPORT_TROUBLES -> Optional.of(new Switch(true));
            case ALARM_RESET -> Optional.of(new Chosen(Decision.ResetBy.USER.name()));
            case QUICK_SET, FORCED_SET, EXIT_RESTART, FIRE_VERIFICATION -> Optional.of(new Switch(false));
            case PHONE_NUMBER -> phoneNumber();
            case LINE_CHECK -> Optional.of(new Switch(!captured()));
            case UNIT_ROUTER,
                    UNIT_ADDRESS,
                    UNIT_MASK,
                    UNIT_GATEWAY,
                    UNIT_ACCESS_POINT,
                    UNIT_IP_POLL,
                    UNIT_CELLULAR_POLL,
                    UNIT_MAIL_SERVER,
                    UNIT_MAIL_PORT,
                    UNIT_PASSWORD,
                    RECEIVER_HOST,
                    RECEIVER_PORT,
                    RECEIVER_ACCOUNT,
                    PERSON_PHONE,
                    PERSON_MAIL -> new UnitIntent(job).of(decision, number);
        };
    }

    /// Whether the panel has a setting for a decision.
    private boolean typed(Decision decision) {
        return job.panel().profile().setup().settings().stream().anyMatch(setting -> setting.decision() == decision);
    }

    private boolean shakes(int number) {
        return point(number)
                .filter(point -> point.has(kind -> kind.family() == KindFamily.VIBRATION))
                .isPresent();
    }

    /// Half of the shortest pulse on the loop, where that is shorter than what the panel takes by itself; empty
    /// where neither is known.
    private Optional<SettingValue> response(int number) {
        double own = job.panel().profile().itsManners().responseMillis();
        double pulse = point(number).stream()
                .flatMap(point -> point.kinds().stream())
                .mapToDouble(PointKind::pulseMillis)
                .filter(millis -> millis > 0)
                .min()
                .orElse(0);
        double wanted = pulse > 0 && (own == 0 || pulse / 2 < own) ? pulse / 2 : own;
        return wanted > 0 ? Optional.of(new Amount(wanted)) : Optional.empty();
    }

    private double atMost(double usual, RuleFigure most) {
        return Math.min(usual, job.practice().figure(most));
    }

    private SettingValue atLeast(SettingValue usual, RuleFigure least) {
        return new Amount(Math.max(((Amount) usual).value(), job.practice().figure(least)));
    }

    private ZoneType type(int number) {
        return job.zone(number).map(Zone::type).orElse(ZoneType.NOT_USED);
    }

    private Optional<Zone> live(int number) {
        return job.zone(number).filter(zone -> zone.type() != ZoneType.NOT_USED);
    }

    /// The point whose input brings a zone; empty where none does.
    public Optional<Point> point(int zone) {
        return Optional.ofNullable(pointOfZone.get(zone));
    }

    /// Movement inside is left out, so that people can be in; doors, windows and calls for help stay.
    private PartSet partSet(int number) {
        boolean movement = point(number)
                .filter(point -> point.kind().family() == KindFamily.MOVEMENT)
                .isPresent();
        return movement && !type(number).watchesAlways() ? PartSet.OUT : PartSet.STAYS;
    }

    private Optional<SettingValue> keypadAreas(BusAddress given) {
        return given.area()
                .map(area -> numbers(List.of(area)))
                .or(() -> job.module(given.module())
                        .map(PanelModule::areas)
                        .filter(areas -> !areas.isEmpty())
                        .map(Intent::numbers));
    }

    private Optional<PanelProgramming.User> user(int number) {
        return job.setup().users().stream()
                .filter(user -> user.number() == number)
                .findFirst();
    }

    private List<Integer> allAreas() {
        return job.areas().stream().map(Area::number).toList();
    }

    /// What the dialler calls: the first receiver on a line that has a number.
    private Optional<SettingValue> phoneNumber() {
        return job.receivers().stream()
                .map(receiver -> receiver.reception().phone())
                .filter(phone -> !phone.isEmpty())
                .findFirst()
                .map(Named::new);
    }

    /// Whether a communicator stands in the place of the telephone line, which has no voltage to watch.
    private boolean captured() {
        return job.communicator()
                .unit()
                .flatMap(unit -> unit.fitting().way())
                .filter(way -> way == Attachment.DIAL_CAPTURE)
                .isPresent();
    }

    private static SettingValue numbers(Collection<Integer> numbers) {
        return new Numbers(new TreeSet<>(numbers));
    }

    /// What the panel has when it is new, or where the rules allow less, the most it can be set to within them.
    /// A panel that cannot be told otherwise has its entry time as it is.
    /// Whether the station hears from the system by its test messages: no path is polled, and the class of the
    /// rules is one that test messages can keep, of an hour or more.
    boolean showsItselfByTests() {
        return job.practice().figure(RuleFigure.REPORTING_HOURS) >= 1
                && job.communicator().paths().stream()
                        .noneMatch(path -> path.pollSeconds().isPresent());
    }

    private Optional<SettingValue> limited(Decision decision, int number, RuleFigure... most) {
        if (decision == Decision.ENTRY_TIME && catalogued(decision).isEmpty()) {
            return Optional.of(new Amount(job.panel().profile().entrySeconds()));
        }
        double rule =
                Arrays.stream(most).mapToDouble(job.practice()::figure).min().orElseThrow();
        double panel = catalogued(decision)
                .flatMap(setting -> Entries.value(setting, setting.usual()))
                .filter(Amount.class::isInstance)
                .map(value -> ((Amount) value).value())
                .orElse(rule);
        double allowed = catalogued(decision)
                .flatMap(setting -> Entries.atMost(setting, rule))
                .orElse(rule);
        return Optional.of(new Amount(panel <= rule ? panel : allowed));
    }

    private Optional<Setting> catalogued(Decision decision) {
        return job.panel().profile().setup().settings().stream()
                .filter(setting -> setting.decision() == decision)
                .findFirst();
    }

    /// For how long the panel makes sounders sound, in minutes.
    public double sounderMinutes() {
        return of(Decision.SOUNDER_TIME, 0)
                .map(value -> ((Amount) value).value())
                .orElseThrow();
    }

    /// Whether troubles such as a mains failure are reported to the station.
    public boolean reportsTroubles() {
        return of(Decision.REPORT_TROUBLES, 0).filter(new Switch(true)::equals).isPresent();
    }

    /// Whether a fire detector has to alarm again after its reset before it is fire.
    public boolean verifiesFire() {
        return of(Decision.FIRE_VERIFICATION, 0)
                .filter(new Switch(true)::equals)
                .isPresent();
    }

    /// Whether a zone is programmed to alarm on the second pulse, not on the first.
    public boolean needsTwoKnocks(int zone) {
        return of(Decision.ZONE_DOUBLE_KNOCK, zone)
                .filter(new Switch(true)::equals)
                .isPresent();
    }

    /// After how many alarms a zone is left out until its area is set again; empty where it never is.
    public Optional<Integer> mostAlarms() {
        return of(Decision.MOST_ALARMS, 0)
                .filter(Amount.class::isInstance)
                .map(value -> (int) ((Amount) value).value())
                .filter(most -> most > 0);
    }

    /// The entry time of an area, in seconds.
    public double entrySeconds(int area) {
        return of(Decision.ENTRY_TIME, area)
                .map(value -> ((Amount) value).value())
                .orElse((double) job.panel().profile().entrySeconds());
    }

    /// What becomes of a zone while its area is part set.
    public PartSet partSetOf(int zone) {
        return of(Decision.ZONE_PART_SET, zone)
                .map(value -> PartSet.valueOf(value.text()))
                .orElse(PartSet.STAYS);
    }
}
