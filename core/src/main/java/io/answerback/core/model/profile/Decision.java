package io.answerback.core.model.profile;

import java.util.Arrays;
import java.util.List;

/// Something an installer decides in plain words, whatever the panel calls it and however it is typed there.
public enum Decision {
    /// What the panel does when a zone goes into alarm: a [ZoneType].
    ZONE_BEHAVIOUR(SettingScope.ZONE, ZoneType.values()),
    /// Which areas a zone is in.
    ZONE_AREA(SettingScope.ZONE, Kind.NUMBERS, ""),
    /// What becomes of a zone while its area is part set: a [PartSet].
    ZONE_PART_SET(SettingScope.ZONE, PartSet.values()),
    /// Whether a keypad chimes when a zone opens while its area is unset.
    ZONE_CHIME(SettingScope.ZONE, Kind.SWITCH, ""),
    /// Whether a zone has to be opened twice within a while before it alarms, so that one passing lorry does not.
    ZONE_DOUBLE_KNOCK(SettingScope.ZONE, Kind.SWITCH, ""),
    /// How long an input has to read in alarm before the panel takes it for one.
    ZONE_RESPONSE(SettingScope.ZONE, Kind.AMOUNT, "ms"),
    /// What a zone is called on keypads.
    ZONE_NAME(SettingScope.ZONE, Kind.WORDS, ""),
    /// Further areas a zone is in: it is watched only while all of its areas are set.
    ZONE_SHARED(SettingScope.ZONE, Kind.NUMBERS, ""),
    /// Areas an area follows: it is set when the last of them is, and unset when the first of them is.
    AREA_FOLLOWS(SettingScope.AREA, Kind.NUMBERS, ""),
    /// At what time of day an area sets by itself; nothing for never.
    AREA_SETS_AT(SettingScope.AREA, Kind.WORDS, ""),
    /// How long keypads warn before an area sets by itself.
    SETS_WARNING(SettingScope.PANEL, Kind.AMOUNT, "min"),
    /// From when until when a user's code is good, each day; nothing for always.
    USER_HOURS(SettingScope.USER, Kind.WORDS, ""),
    /// What an area is called on keypads.
    AREA_NAME(SettingScope.AREA, Kind.WORDS, ""),
    /// The account an area reports under.
    AREA_ACCOUNT(SettingScope.AREA, Kind.WORDS, ""),
    /// How long there is from the door to the keypad.
    ENTRY_TIME(SettingScope.AREA, Kind.AMOUNT, "s"),
    /// How long there is from the keypad to the door.
    EXIT_TIME(SettingScope.AREA, Kind.AMOUNT, "s"),
    /// Which areas can be worked from a keypad.
    KEYPAD_AREAS(SettingScope.MODULE, Kind.NUMBERS, ""),
    /// What an output of the board follows: an [OutputUse].
    OUTPUT_USE(SettingScope.OUTPUT, OutputUse.values()),
    /// How long sounders sound.
    SOUNDER_TIME(SettingScope.PANEL, Kind.AMOUNT, "min"),
    /// Whether keypads beep while the exit time runs.
    EXIT_BEEPS(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether the site can be set without a code.
    QUICK_SET(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether the site can be set with a zone open, which is then left out.
    FORCED_SET(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether the panel comes back set after a power cut, as it was.
    RESTORE_SET(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether interference on the radio is an alarm.
    INTERFERENCE(SettingScope.PANEL, Kind.SWITCH, ""),
    /// How often one zone may alarm before it is left out until the site is unset.
    MOST_ALARMS(SettingScope.PANEL, Kind.AMOUNT, "times"),
    /// Within which time a second detector confirms the first.
    CONFIRMATION_TIME(SettingScope.PANEL, Kind.AMOUNT, "min"),
    /// How long the panel waits before it sends a burglary, so that it can be taken back.
    REPORT_DELAY(SettingScope.PANEL, Kind.AMOUNT, "s"),
    /// Whether the exit time begins again, once, when the door on the way out is opened after it was shut.
    EXIT_RESTART(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether a fire detector is reset and has to alarm again before it is fire.
    FIRE_VERIFICATION(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Who resets the panel after a confirmed alarm: a [ResetBy].
    ALARM_RESET(SettingScope.PANEL, ResetBy.values()),
    /// How often the panel sends a test message.
    TEST_INTERVAL(SettingScope.PANEL, Kind.AMOUNT, "h"),
    /// Whether setting and unsetting are reported.
    REPORT_SETTING(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether troubles such as a mains failure are reported.
    REPORT_TROUBLES(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Which areas a user may work.
    USER_AREAS(SettingScope.USER, Kind.NUMBERS, ""),
    /// A user's code: only whether it was changed is ever kept.
    USER_CODE(SettingScope.USER, Kind.SECRET, ""),
    /// The engineer's code: only whether it was changed is ever kept.
    ENGINEER_CODE(SettingScope.PANEL, Kind.SECRET, ""),
    /// The remote-access password: only whether it was changed is ever kept.
    REMOTE_CODE(SettingScope.PANEL, Kind.SECRET, ""),
    /// The number the panel's dialler calls.
    PHONE_NUMBER(SettingScope.PANEL, Kind.WORDS, ""),
    /// Whether the panel watches for the voltage of a telephone line.
    LINE_CHECK(SettingScope.PANEL, Kind.SWITCH, ""),
    /// Whether the communicator gets its address from the router.
    UNIT_ROUTER(SettingScope.PANEL, Kind.SWITCH, ""),
    /// The communicator's own address.
    UNIT_ADDRESS(SettingScope.PANEL, Kind.WORDS, ""),
    /// The mask of its network.
    UNIT_MASK(SettingScope.PANEL, Kind.WORDS, ""),
    /// The router of its network.
    UNIT_GATEWAY(SettingScope.PANEL, Kind.WORDS, ""),
    /// The access point its cellular network asks for.
    UNIT_ACCESS_POINT(SettingScope.PANEL, Kind.WORDS, ""),
    /// How often it shows the station over IP that it is there.
    UNIT_IP_POLL(SettingScope.PANEL, Kind.AMOUNT, "s"),
    /// How often it does so over the cellular network.
    UNIT_CELLULAR_POLL(SettingScope.PANEL, Kind.AMOUNT, "s"),
    /// The mail server it sends mails by.
    UNIT_MAIL_SERVER(SettingScope.PANEL, Kind.WORDS, ""),
    /// The port of the mail server.
    UNIT_MAIL_PORT(SettingScope.PANEL, Kind.WORDS, ""),
    /// The communicator's password: only whether it was changed is ever kept.
    UNIT_PASSWORD(SettingScope.PANEL, Kind.SECRET, ""),
    /// Name or address of a receiver.
    RECEIVER_HOST(SettingScope.RECEIVER, Kind.WORDS, ""),
    /// Port of a receiver.
    RECEIVER_PORT(SettingScope.RECEIVER, Kind.WORDS, ""),
    /// The account it is told under; the area's where each area has its own.
    RECEIVER_ACCOUNT(SettingScope.RECEIVER, Kind.WORDS, ""),
    /// The number text messages to a person go to.
    PERSON_PHONE(SettingScope.PERSON, Kind.WORDS, ""),
    /// The address mails to a person go to.
    PERSON_MAIL(SettingScope.PERSON, Kind.WORDS, "");

    /// What sort of value a decision has.
    public enum Kind {
        /// A figure with a unit.
        AMOUNT,
        /// Yes or no.
        SWITCH,
        /// One of several names.
        CHOICE,
        /// Some numbers, such as those of areas.
        NUMBERS,
        /// Words.
        WORDS,
        /// Digits that are never kept.
        SECRET
    }

    /// What becomes of a zone while its area is part set.
    public enum PartSet {
        /// It does what it does when the area is set.
        STAYS("stays as it is"),
        /// It is not watched.
        OUT("is left out"),
        /// It starts the entry time.
        ENTRY("starts the entry time");

        private final String words;

        PartSet(String words) {
            this.words = words;
        }

        /// What becomes of it, in plain words.
        public String words() {
            return words;
        }
    }

    /// What an output follows.
    public enum OutputUse {
        /// Nothing.
        NOTHING("nothing"),
        /// It is on while an alarm sounds.
        ALARM("an alarm"),
        /// It is on while the site is set.
        SET("the site being set"),
        /// It is on while something is in trouble.
        TROUBLE("a trouble"),
        /// It is on for a moment when detectors that lock are to be reset.
        RESET("a reset of detectors");

        private final String words;

        OutputUse(String words) {
            this.words = words;
        }

        /// What it follows, in plain words.
        public String words() {
            return words;
        }
    }

    /// Who resets a panel after a confirmed alarm, so that it can be set again. Practice differs by country and
    /// insurer.
    public enum ResetBy {
        /// Whoever unsets it.
        USER("the user"),
        /// An engineer on site.
        ENGINEER("an engineer"),
        /// The station, with a code that answers the panel's, or from afar.
        STATION("the station");

        private final String words;

        ResetBy(String words) {
            this.words = words;
        }

        /// Who, in plain words.
        public String words() {
            return words;
        }
    }

    private final SettingScope scope;
    private final Kind kind;
    private final List<String> choices;
    private final String unit;

    Decision(SettingScope scope, Kind kind, String unit) {
        this(scope, kind, unit, List.of());
    }

    /// One of several names.
    Decision(SettingScope scope, Enum<?>[] choices) {
        this(scope, Kind.CHOICE, "", Arrays.stream(choices).map(Enum::name).toList());
    }

    Decision(SettingScope scope, Kind kind, String unit, List<String> choices) {
        this.scope = scope;
        this.kind = kind;
        this.unit = unit;
        this.choices = choices;
    }

    /// Whether it follows from what was said of the communicator, its receivers and people, and is decided there.
    public boolean ofCommunicator() {
        return scope == SettingScope.RECEIVER || scope == SettingScope.PERSON || name().startsWith("UNIT_");
    }

    /// Whether its words may be cut to what a panel takes, as a name may.
    public boolean mayBeCut() {
        return this == ZONE_NAME || this == AREA_NAME;
    }

    /// What it is there once for.
    public SettingScope scope() {
        return scope;
    }

    /// What sort of value it has.
    public Kind kind() {
        return kind;
    }

    /// The unit its amount is in: "ms", "s", "min", "h" or "times"; empty for what is no amount.
    public String unit() {
        return unit;
    }

    /// The names there are to choose from; none for what is no choice.
    public List<String> choices() {
        return choices;
    }

    /// Reads a value as [SettingValue#text()] writes it.
    ///
    /// @throws IllegalArgumentException when the text is no value of this decision
    public SettingValue read(String text) {
        return new ValueText(this).read(text.strip());
    }
}
