package io.answerback.core.report.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import java.math.BigInteger;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Fixed addresses with every slip there is.
class AddressCheckTest {
    private static final NetworkPlan GOOD = new NetworkPlan(
            false, false, "192.168.40.20", "255.255.255.0", "192.168.40.1", "192.168.40.1", List.of("192.168.40.21"));

    private static List<String> problems(NetworkPlan plan) {
        return AddressCheck.of(plan, false).stream()
                .map(problem -> problem.field() + ": " + problem.says())
                .toList();
    }

    @Test
    void aSoundSheetHasNoProblems() {
        assertThat(problems(GOOD)).isEmpty();
        assertThat(problems(GOOD.withMask("/24"))).isEmpty();
        assertThat(problems(GOOD.withNameServer("198.51.100.53"))).isEmpty();
        assertThat(problems(NetworkPlan.BY_ROUTER)).isEmpty();
        assertThat(problems(new NetworkPlan(
                        false, false, "2001:db8:0:40::20", "/64", "2001:db8:0:40::1", "2001:db8::53", List.of())))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ADDRESS | 192.168.40 | write four numbers",
                "ADDRESS | 192.168.40.256 | \"256\" in 192.168.40.256 is no number from 0 to 255",
                "ADDRESS | 192.168.40.020 | begins with 0",
                "ADDRESS | 192.168.40.2O | \"2O\" in 192.168.40.2O",
                "ADDRESS | 192.168.40.0 | is the address of the network itself",
                "ADDRESS | 192.168.40.255 | is the broadcast address",
                "ADDRESS | 127.0.0.1 | loopback address",
                "ADDRESS | 169.254.3.7 | gives itself when no router answers",
                "ADDRESS | 224.0.0.9 | multicast",
                "ADDRESS | 0.0.0.0 | no address of a device",
                "ADDRESS | 192.168.40.21 | in use by another device",
                "MASK | 255.255.0.255 | its ones must stand together",
                "MASK | 255.255.255.255 | from /1 to /30",
                "MASK | /33 | from /1 to /30",
                "GATEWAY | 192.168.41.1 | is outside the network 192.168.40.0/24",
                "GATEWAY | 192.168.40.20 | has the router's address",
                "GATEWAY | 192.168.40.255 | is the broadcast address",
                "GATEWAY | 2001:db8::1 | of IPv4 and the other of IPv6",
                "NAME_SERVER | 192.168.40.20 | is no name server",
                "NAME_SERVER | 1.1.1 | write four numbers",
                "TAKEN | 192.168.40.x | \"x\" in 192.168.40.x"
            })
    void eachSlipIsNamedAtItsField(AddressProblem.Field field, String typed, String says) {
        NetworkPlan plan = switch (field) {
            case ADDRESS -> GOOD.withAddress(typed);
            case MASK -> GOOD.withMask(typed);
            case GATEWAY -> GOOD.withGateway(typed);
            case NAME_SERVER -> GOOD.withNameServer(typed);
            case TAKEN -> GOOD.withTaken(List.of(typed));
        };
        assertThat(AddressCheck.of(plan, false)).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(field);
            assertThat(problem.says()).contains(says);
        });
    }

    @Test
    void theMaskDecidesWhatIsOutside() {
        NetworkPlan wide = GOOD.withGateway("192.168.41.1").withMask("255.255.254.0");
        assertThat(problems(wide)).isEmpty();
        assertThat(problems(GOOD.withMask("255.255.255.240").withAddress("192.168.40.31")))
                .containsExactly(
                        "ADDRESS: 192.168.40.31 is the broadcast address of the network; no device can have it",
                        "GATEWAY: 192.168.40.1 is outside the network 192.168.40.16/28; nothing gets past it");
    }

    @Test
    void whatIsMissingIsSaidOnce() {
        NetworkPlan empty = NetworkPlan.BY_ROUTER.withByRouter(false);
        assertThat(problems(empty)).hasSize(2).allMatch(says -> says.contains("is missing"));
        assertThat(AddressCheck.of(GOOD.withNameServer(""), true))
                .singleElement()
                .extracting(AddressProblem::field)
                .isEqualTo(AddressProblem.Field.NAME_SERVER);
    }

    @ParameterizedTest
    @CsvSource({
        "fe80::1",
        "ff02::1",
        "::1",
        "1::2::3",
        "1:2:3",
        "1:2:3:4:5:6:7:8:9",
        "12345::",
        "g::1",
        "fe80::1%eth0",
        ":::"
    })
    void slipsOfIPv6AreNamedToo(String typed) {
        NetworkPlan plan = new NetworkPlan(false, false, typed, "/64", "2001:db8::1", "", List.of());
        assertThat(AddressCheck.of(plan, false))
                .anySatisfy(problem -> assertThat(problem.field()).isEqualTo(AddressProblem.Field.ADDRESS));
    }

    /// The library of the platform as an independent reader; it looks nothing up when it is given digits.
    @Property(tries = 500)
    void addressesOfIPv6AreReadAsThePlatformReadsThem(
            @ForAll @Size(8) List<@IntRange(min = 0, max = 0xFFFF) Integer> groups,
            @ForAll @IntRange(min = 0, max = 7) int zeroAt)
            throws UnknownHostException {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < groups.size(); i++) {
            text.append(i == 0 ? "" : ":").append(i == zeroAt ? "0" : Integer.toHexString(groups.get(i)));
        }
        byte[] expected = InetAddress.getByName(text.toString()).getAddress();
        if (expected.length == 16) {
            assertThat(Address.of(text.toString()).value()).isEqualTo(new BigInteger(1, expected));
        }
        String shorter = text.toString().replaceFirst("(^|:)0(:|$)", "::");
        if (!shorter.contains(":::")) {
            byte[] same = InetAddress.getByName(shorter).getAddress();
            if (same.length == 16) {
                assertThat(Address.of(shorter).value()).isEqualTo(new BigInteger(1, same));
            }
        }
    }

    @Property(tries = 500)
    void anAddressIsInItsOwnNetworkAndComesBackAsItWasWritten(
            @ForAll @IntRange(min = 1, max = 254) int a,
            @ForAll @IntRange(min = 0, max = 255) int b,
            @ForAll @IntRange(min = 0, max = 255) int c,
            @ForAll @IntRange(min = 0, max = 255) int d,
            @ForAll @IntRange(min = 1, max = 30) int prefix) {
        String text = a + "." + b + "." + c + "." + d;
        Address address = Address.of(text);
        assertThat(address).hasToString(text);
        assertThat(address.sharesNetwork(address.network(prefix), prefix)).isTrue();
        assertThat(address.sharesNetwork(address.last(prefix), prefix)).isTrue();
        Address beyond = new Address(32, address.last(prefix).value().add(BigInteger.ONE));
        assertThat(address.sharesNetwork(beyond, prefix)).isFalse();
    }

    @Test
    void findingsAndTheNoteFollowTheJob() {
        Job small = SmallJob.job();
        assertThat(Found.in(small, "network-address-may-change")).isEmpty();
        Job job = small.withCommunicator(
                new Communicator("C", small.communicator().paths()));
        assertThat(Found.in(job, "network-unknown")).isPresent();
        Job router = PathEdits.network("address", its -> NetworkPlan.BY_ROUTER).on(job);
        assertThat(Found.in(router, "network-address-may-change")).isPresent();
        assertThat(Found.in(router, "network-unknown")).isEmpty();
        Job wrong = PathEdits.network("address", its -> GOOD.withGateway("192.168.41.1"))
                .on(job);
        assertThat(NetworkChecks.problems(wrong)).hasSize(1);
        Job named = ReceiverEdits.of(
                        new ReceiverId("A"),
                        "address",
                        its -> its.withHost("receiver.station.example").withPort(9009))
                .on(PathEdits.network("address", its -> GOOD).on(job));
        assertThat(FirewallNote.of(named))
                .anyMatch(line -> line.contains("192.168.40.20"))
                .anyMatch(line -> line.contains("TCP to receiver.station.example port 9009"))
                .anyMatch(line -> line.contains("port 53"))
                .last()
                .asString()
                .contains("No inbound rule");
        assertThatThrownBy(() -> GOOD.withAddress("1".repeat(61))).hasMessageContaining("61 letters");
    }
}
