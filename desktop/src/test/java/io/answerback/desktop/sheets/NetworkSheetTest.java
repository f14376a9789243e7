package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.desktop.report.ReportSheet;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The communicator on the site's network: each slip at its field, which connections to allow, what can be
/// reached.
class NetworkSheetTest extends DemoSheets {
    private static final ReceiverId A1 = new ReceiverId("A1");

    @BeforeEach
    void network() {
        at(Stop.REPORT, "07");
        report().open(ReportSheet.NETWORK);
    }

    @Test
    void aWrongMaskAGatewayOutsideAndADuplicateAreNamedAtTheirFields() {
        assertThat(finds("network-address:MASK 1")).isFalse();
        edit("Mask", "255.255.0.255");
        assertThat(reads("its ones must stand together")).isTrue();
        assertThat(finds("network-address:MASK 1")).isTrue();
        edit("Mask", "/24");
        edit("Gateway", "192.168.41.1");
        assertThat(reads("192.168.41.1 is outside the network 192.168.40.0/24")).isTrue();
        edit("Gateway", "192.168.40.1");
        edit("Address", "192.168.40.21");
        assertThat(reads("192.168.40.21 is in use by another device")).isTrue();
        edit("In use", "192.168.40.10 192.168.40.30");
        assertThat(reads("in use by another device")).isFalse();
        edit("Name server", "none");
        assertThat(reads("without a name server")).isFalse();
        openJob.apply(ReceiverEdits.of(A1, "address", its -> its.withHost("receiver.station.example")));
        assertThat(reads("a receiver is given by its name; without a name server"))
                .isTrue();
    }

    @Test
    void anAddressFromTheRouterShouldBeReserved() {
        click("Address from the router");
        assertThat(finds("network-address-may-change")).isTrue();
        click("The router keeps the same address for it");
        assertThat(finds("network-address-may-change")).isFalse();
        assertThat(reads("with an address the router keeps for it")).isTrue();
        undo();
        undo();
        assertThat(reads("192.168.40.20")).isTrue();
    }

    @Test
    void whatHasToBeLetOutIsCopied() {
        List<String> copied = new ArrayList<>();
        openJob.copiesTo(copied::add);
        click("Copy");
        assertThat(copied)
                .singleElement()
                .asString()
                .contains("TCP to 192.0.2.10 port 9009 (Station A)", "no port forwarding");
        assertThat(reads("It is on the clipboard.")).isTrue();
    }

    @Test
    void whatHasToBeLetOutIsPrinted() throws Exception {
        Path svg = folder.resolve("network.svg");
        when(files.toWrite(any(), any(), any())).thenReturn(Optional.of(svg));
        click("Print: as PDF or SVG");
        assertThat(Files.readString(svg)).contains("192.0.2.10", "for the network administrator");
    }

    @Test
    void aReceiverIsTriedOnlyWhenPressed() throws Exception {
        try (ServerSocket there = new ServerSocket(0, 5, InetAddress.getLoopbackAddress())) {
            openJob.apply(ReceiverEdits.of(
                    A1, "address", its -> its.withHost("127.0.0.1").withPort(there.getLocalPort())));
            assertThat(reads("reached in")).isFalse();
            click("Try from here: opens a connection to 127.0.0.1");
            assertThat(reads("reached in")).isTrue();
        }
        click("Try from here: opens a connection to 127.0.0.1");
        assertThat(reads("refused: somebody has this address")).isTrue();
    }
}
