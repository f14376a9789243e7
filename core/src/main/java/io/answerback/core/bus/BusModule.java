package io.answerback.core.bus;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.supply.DeviceVolts;
import java.util.List;
import java.util.Optional;

/// A module on the bus.
///
/// @param id what it is known by
/// @param name what it is called here
/// @param kind which of the profile's kinds it is
/// @param addresses the addresses it answers to, lowest first
/// @param wanted how many it needs
/// @param present whether it is on the wall
/// @param standing whether the panel has learned it
/// @param metres how far it is from the board along the cable, in metres; empty while no bus cable leads to it
/// @param volts the volts at it in an alarm; empty while nothing feeds it over a cable
/// @param lengthKnown whether every bus cable on the way to it has a length; true where none leads to it
public record BusModule(
        ModuleId id,
        String name,
        ModuleKind kind,
        List<BusAddress> addresses,
        int wanted,
        boolean present,
        Standing standing,
        Optional<Double> metres,
        Optional<DeviceVolts> volts,
        boolean lengthKnown) {
    /// What the panel knows of a module.
    public enum Standing {
        /// Nobody has read out what the panel has learned.
        UNKNOWN("not read out"),
        /// The panel has learned every address of it.
        LEARNED("learned"),
        /// It answers at an address the panel has not learned.
        NOT_LEARNED("not learned"),
        /// The panel has learned something else at its address.
        OTHER("learned as something else");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        /// The standing in plain words.
        public String words() {
            return words;
        }
    }

    public BusModule {
        addresses = List.copyOf(addresses);
    }

    /// Whether it has every address it needs, is on the wall at a known length of cable, and was read out of the
    /// panel as learned: what nobody has read out is not known.
    public boolean settled() {
        return addresses.size() >= wanted && present && lengthKnown && standing == Standing.LEARNED;
    }
}
