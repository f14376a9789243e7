package io.answerback.core.panel.operation;

import io.answerback.core.model.profile.Meaning;
import java.util.Arrays;
import java.util.List;

/// What each zone read last; only those that do not read normal are kept. Never changes.
public final class ZoneReadings {
    /// Every zone reads normal.
    public static final ZoneReadings NORMAL = new ZoneReadings(new int[0], new Meaning[0]);

    private final int[] zones;
    private final Meaning[] reads;

    private ZoneReadings(int[] zones, Meaning[] reads) {
        this.zones = zones;
        this.reads = reads;
    }

    /// What a zone read last.
    public Meaning of(int zone) {
        int at = Arrays.binarySearch(zones, zone);
        return at < 0 ? Meaning.NORMAL : reads[at];
    }

    /// The zones that do not read normal, by number.
    List<Integer> zones() {
        return Arrays.stream(zones).boxed().toList();
    }

    /// The same with another reading of a zone.
    ZoneReadings with(int zone, Meaning meaning) {
        int at = Arrays.binarySearch(zones, zone);
        if (at < 0) {
            return meaning == Meaning.NORMAL ? this : inserted(-at - 1, zone, meaning);
        }
        if (meaning == Meaning.NORMAL) {
            return removed(at);
        }
        Meaning[] other = reads.clone();
        other[at] = meaning;
        return new ZoneReadings(zones, other);
    }

    private ZoneReadings inserted(int at, int zone, Meaning meaning) {
        int[] more = new int[zones.length + 1];
        Meaning[] moreReads = new Meaning[reads.length + 1];
        System.arraycopy(zones, 0, more, 0, at);
        System.arraycopy(reads, 0, moreReads, 0, at);
        more[at] = zone;
        moreReads[at] = meaning;
        System.arraycopy(zones, at, more, at + 1, zones.length - at);
        System.arraycopy(reads, at, moreReads, at + 1, reads.length - at);
        return new ZoneReadings(more, moreReads);
    }

    private ZoneReadings removed(int at) {
        int[] fewer = new int[zones.length - 1];
        Meaning[] fewerReads = new Meaning[reads.length - 1];
        System.arraycopy(zones, 0, fewer, 0, at);
        System.arraycopy(reads, 0, fewerReads, 0, at);
        System.arraycopy(zones, at + 1, fewer, at, fewer.length - at);
        System.arraycopy(reads, at + 1, fewerReads, at, fewer.length - at);
        return new ZoneReadings(fewer, fewerReads);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ZoneReadings its && Arrays.equals(zones, its.zones) && Arrays.equals(reads, its.reads);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(zones) + Arrays.hashCode(reads);
    }

    @Override
    public String toString() {
        return Arrays.toString(zones) + Arrays.toString(reads);
    }
}
