package io.answerback.core.testing;

import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.KindWords;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.Powering;
import io.answerback.core.model.practice.CoreConvention;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusReach;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.BusSteps;
import io.answerback.core.model.profile.Capacity;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.profile.TextKeypads;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Parts of profiles and rules of which no more is known than a test needs.
public final class SmallParts {
    private SmallParts() {}

    /// A profile that does not say how it addresses modules, of a panel without radio.
    public static PanelProfile profile(
            String id,
            String name,
            double pullUpVolts,
            double pullUpOhms,
            int entrySeconds,
            List<SchemeBands> schemes,
            Capacity capacity,
            String radioBand,
            List<ModuleKind> modules) {
        return new PanelProfile(
                id,
                name,
                pullUpVolts,
                pullUpOhms,
                entrySeconds,
                schemes,
                capacity,
                radioBand,
                modules,
                Optional.empty(),
                Optional.empty(),
                SettingCatalogue.EMPTY,
                Optional.empty());
    }

    /// A rule without a table of conductors.
    public static BusRule busRule(List<BusRange> ranges, double mostMetres, double mostRunMetres, boolean star) {
        return busRule(ranges, mostMetres, mostRunMetres, star, List.of());
    }

    /// A rule without limits in ohms and nanofarads.
    public static BusRule busRule(
            List<BusRange> ranges, double mostMetres, double mostRunMetres, boolean star, List<BusReach> reaches) {
        return new BusRule(
                ranges, mostMetres, mostRunMetres, star, reaches, 0, 0, BusSteps.UNKNOWN, TextKeypads.UNKNOWN);
    }

    /// A kind of module of whose terminals and power no more is known than its current at rest.
    public static ModuleKind kind(
            String id,
            String name,
            ModuleSort sort,
            int inputs,
            int mostOf,
            int addresses,
            double milliamps,
            int boxes,
            boolean ownSupply,
            String radioBand,
            List<ModuleKind.ReservedInput> reserved,
            Optional<InputModel> ownInputs) {
        return new ModuleKind(
                id,
                name,
                sort,
                inputs,
                mostOf,
                addresses,
                milliamps,
                boxes,
                ownSupply,
                radioBand,
                reserved,
                ownInputs,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /// A panel whose bus has no limit that is known.
    public static Capacity capacity(int zones, int areas, int users, int radioZones, int addresses) {
        return new Capacity(zones, areas, users, radioZones, addresses, 0);
    }

    /// A supply of whose drop and fault outputs nothing is known.
    public static SupplyUnit supply(
            double milliamps,
            double chargeMilliamps,
            double mostAmpHours,
            double lowVolts,
            double cutOffVolts,
            PowerOrder order,
            int batteryTestSeconds) {
        return new SupplyUnit(
                milliamps,
                chargeMilliamps,
                mostAmpHours,
                lowVolts,
                cutOffVolts,
                order,
                batteryTestSeconds,
                Optional.empty(),
                List.of());
    }

    /// A kind of point that is wired.
    public static PointKind pointKind(
            String id,
            String name,
            KindFamily family,
            KindWords words,
            ContactForm contact,
            PointKind.Outputs outputs,
            boolean polarity,
            boolean twoWire,
            Optional<Powering> powering) {
        return new PointKind(id, name, family, words, contact, outputs, polarity, twoWire, powering, false);
    }

    /// A type of cable whose capacitance is not known.
    public static CableType cableType(
            String id, String name, Conductor conductor, List<String> colours, boolean screened, boolean outdoor) {
        return new CableType(id, name, conductor, colours, screened, outdoor, 0);
    }

    /// Rules with the usual colours of cores, and no prices.
    public static HouseRules rules(
            String name,
            String source,
            int grade,
            Map<PracticeQuestion, PracticeOption> options,
            Map<RuleFigure, Double> figures) {
        return new HouseRules(name, source, grade, options, figures, CoreConvention.usual(), Map.of(), Map.of());
    }
}
