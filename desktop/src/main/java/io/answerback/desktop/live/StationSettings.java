package io.answerback.desktop.live;

import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.PathKind;
import io.answerback.station.Misbehaviour;
import java.util.HashSet;
import java.util.Set;

/// How the practice station is set.
///
/// @param misbehaviour what it does wrong
/// @param dropEvery which frames get no answer where it drops some: 2 or more
/// @param onNetwork whether it listens to the site network too, and not to this computer alone
/// @param dead receivers of the job that are silent, so that the next one is seen to be tried
/// @param cut paths of the job that lead nowhere, so that the next one is seen to be tried
public record StationSettings(
        Misbehaviour misbehaviour, int dropEvery, boolean onNetwork, Set<ReceiverId> dead, Set<PathKind> cut) {
    /// A station that behaves, on this computer only.
    public static final StationSettings USUAL = new StationSettings(Misbehaviour.NONE, 2, false, Set.of(), Set.of());

    public StationSettings {
        dead = Set.copyOf(dead);
        cut = Set.copyOf(cut);
    }

    /// The same, doing something else wrong.
    public StationSettings misbehaving(Misbehaviour how) {
        return new StationSettings(how, dropEvery, onNetwork, dead, cut);
    }

    /// The same that drops another share of frames.
    public StationSettings dropping(int every) {
        return new StationSettings(misbehaviour, every, onNetwork, dead, cut);
    }

    /// The same, open to the site network or not.
    public StationSettings onNetwork(boolean open) {
        return new StationSettings(misbehaviour, dropEvery, open, dead, cut);
    }

    /// The same with a receiver silent, or not any more.
    public StationSettings dead(ReceiverId id, boolean silent) {
        Set<ReceiverId> other = new HashSet<>(dead);
        if (silent) {
            other.add(id);
        } else {
            other.remove(id);
        }
        return new StationSettings(misbehaviour, dropEvery, onNetwork, other, cut);
    }

    /// The same with a path cut, or not any more.
    public StationSettings cut(PathKind kind, boolean leadsNowhere) {
        Set<PathKind> other = new HashSet<>(cut);
        if (leadsNowhere) {
            other.add(kind);
        } else {
            other.remove(kind);
        }
        return new StationSettings(misbehaviour, dropEvery, onNetwork, dead, other);
    }
}
