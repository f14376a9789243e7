package io.answerback.core.model.receiver;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/// How a job reports to one receiver.
///
/// @param abilities what the receiver can do
/// @param format the format that is sent to it
/// @param transport how IP frames travel to it
/// @param phone the number that is dialled for it: digits, `*`, `#` and a comma for a pause; empty while not
///     known, or for IP
/// @param pulsesPerSecond speed of pulses: 10, 20 or 40
/// @param account the account all areas report to it under, 3 to 16 hexadecimal digits; empty where each area
///     has its own
/// @param keyBits length of the key its frames are encrypted with: 128, 192 or 256; 0 for none. The key is no
///     part of a job.
/// @param codes event digits that differ from those of the event table, by event code; by 3 and the event code
///     for its end
/// @param told when it is told of each group of events; a group that is missing is never told
@RecordBuilder
public record Reception(
        ReceiverAbilities abilities,
        ReportFormat format,
        Transport transport,
        String phone,
        int pulsesPerSecond,
        String account,
        int keyBits,
        Map<String, String> codes,
        Map<EventGroup, Told> told)
        implements ReceptionBuilder.With {
    private static final Set<Integer> SPEEDS = Set.of(10, 20, 40);
    private static final Set<Integer> KEYS = Set.of(0, 128, 192, 256);

    /// A receiver of IP frames with event digits of which no more is known.
    public static final Reception OVER_IP = of(new ReceiverAbilities(
            "IP receiver",
            List.of(ReportFormat.IP_EVENTS),
            2300,
            2300,
            Joins.NEVER,
            Map.of(),
            List.of(),
            "SIA DC-09; check the receiver's manual"));

    /// @throws IllegalArgumentException when a part is missing or out of bounds, naming it
    public Reception {
        Require.given(abilities, "what the receiver can do");
        Require.given(format, "format");
        transport = transport == null ? Transport.TCP : transport;
        phone = phone == null ? "" : phone.replace(" ", "").strip();
        if (!phone.matches("[0-9*#,+]{0,32}")) {
            throw new IllegalArgumentException(
                    "phone number is \"" + phone + "\"; write up to 32 digits, with a comma for a pause");
        }
        one(pulsesPerSecond, SPEEDS, "pulses a second", "10, 20 or 40");
        account = account == null ? "" : account.strip().toUpperCase(Locale.ROOT);
        if (!account.matches("([0-9A-F]{3,16})?")) {
            throw new IllegalArgumentException("account is \"" + account + "\"; write 3 to 16 of 0-9 and A-F");
        }
        one(keyBits, KEYS, "length of the key", "0, 128, 192 or 256");
        codes = checked(codes == null ? Map.of() : codes);
        told = groups(told == null ? Map.of() : told);
    }

    private static void one(int value, Set<Integer> allowed, String what, String words) {
        if (!allowed.contains(value)) {
            throw new IllegalArgumentException(Text.of("%s is %d; it must be %s", what, value, words));
        }
    }

    private static Map<String, String> checked(Map<String, String> codes) {
        codes.forEach((event, digit) -> {
            if (!event.matches("3?[0-9A-F]{3}") || !digit.matches("[0-9B-F]")) {
                throw new IllegalArgumentException("event digit of " + event + " is \"" + digit
                        + "\"; write one of 0-9 and B-F for an event of three digits");
            }
        });
        return Collections.unmodifiableMap(new TreeMap<>(codes));
    }

    private static Map<EventGroup, Told> groups(Map<EventGroup, Told> given) {
        EnumMap<EventGroup, Told> all = new EnumMap<>(EventGroup.class);
        for (EventGroup group : EventGroup.values()) {
            all.put(group, given.getOrDefault(group, Told.NEVER));
        }
        return Collections.unmodifiableMap(all);
    }

    /// A receiver with these abilities that is told nothing yet, in the first format it takes.
    public static Reception of(ReceiverAbilities abilities) {
        return new Reception(
                abilities, abilities.formats().getFirst(), Transport.TCP, "", 20, "", 0, Map.of(), Map.of());
    }

    /// When it is told of a group of events.
    public Told of(EventGroup group) {
        return told.get(group);
    }

    /// Whether it is told of anything.
    public boolean toldAnything() {
        return told.values().stream().anyMatch(how -> how != Told.NEVER);
    }

    /// The event digit that was decided for an event, or with a 3 before it for its end; empty where the event
    /// table's own is sent.
    public Optional<Character> code(String event) {
        return Optional.ofNullable(codes.get(event)).map(digit -> digit.charAt(0));
    }

    /// The same for another kind of receiver; the first format it takes where it does not take the present
    /// one, and no encryption where it does not take the present length of key.
    public Reception withAbilities(ReceiverAbilities other) {
        ReportFormat kept = other.takes(format) ? format : other.formats().getFirst();
        int key = other.keyBits().contains(keyBits) ? keyBits : 0;
        return new Reception(other, kept, transport, phone, pulsesPerSecond, account, key, codes, told);
    }

    /// The same with another digit for an event; empty for that of the event table.
    public Reception withCode(String event, Optional<String> digit) {
        Map<String, String> other = new TreeMap<>(codes);
        digit.ifPresentOrElse(its -> other.put(event, its), () -> other.remove(event));
        return withCodes(other);
    }

    /// The same, told of other events.
    public Reception withTold(UnaryOperator<Map<EventGroup, Told>> change) {
        Map<EventGroup, Told> other = change.apply(new EnumMap<>(told));
        return new Reception(abilities, format, transport, phone, pulsesPerSecond, account, keyBits, codes, other);
    }

    /// The same, with one answer for every group of events.
    public Reception toldOfEverything(Told how) {
        return withTold(all -> {
            all.replaceAll((group, before) -> how);
            return all;
        });
    }

    /// The same, with another answer for one group of events.
    public Reception withTold(EventGroup group, Told how) {
        return withTold(all -> {
            all.put(group, how);
            return all;
        });
    }
}
