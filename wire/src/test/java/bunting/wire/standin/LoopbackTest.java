package bunting.wire.standin;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.patch.LightMap;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.show.Protocol;
import bunting.wire.Maps;
import bunting.wire.packet.Ddp;
import bunting.wire.send.Clock;
import bunting.wire.send.FramePackets;
import bunting.wire.send.Sender;
import bunting.wire.send.UdpOutlet;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetSocketAddress;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Over real sockets of this machine. */
@Timeout(60)
class LoopbackTest {
  private static final LightMap MILL = Maps.mill();

  private final StandIns standIns = new StandIns(MILL);

  private void until(long packets) {
    while (standIns.counts().packets() < packets) {
      Thread.onSpinWait();
    }
  }

  @ParameterizedTest
  @EnumSource(Protocol.class)
  void whatIsSentIsWhatTheBoxesShow(Protocol protocol) throws Exception {
    try (Listener listener = Listener.open(protocol, standIns, 0);
        UdpOutlet outlet = UdpOutlet.to(listener.address())) {
      assertThat(listener.address().getAddress().isLoopbackAddress()).isTrue();
      Painter painter = new Painter(MILL, Pattern.PORTS, 200);
      byte[] wanted = new byte[MILL.frameBytes()];
      painter.paint(0, wanted);
      byte[] seen = new byte[MILL.frameBytes()];
      int each = FramePackets.of(protocol, MILL, new UUID(3, 3)).count();
      Sender sender =
          new Sender(
              FramePackets.of(protocol, MILL, new UUID(3, 3)),
              outlet,
              Clock.MACHINE,
              200,
              MILL.frameBytes());
      Sender.Sent sent =
          sender.run(
              (frame, slots) -> {
                if (frame == 3) {
                  until(3L * each);
                  standIns.copy(seen);
                }
                painter.paint(frame, slots);
              },
              () -> 4);
      until(sent.packets());
      assertThat(seen).isEqualTo(wanted);
      assertThat(standIns.counts().of(Verdict.ACCEPTED)).isEqualTo(sent.packets());
      assertThat(standIns.status().get(0).frames()).isGreaterThanOrEqualTo(4);
    }
  }

  @Test
  void aSourceIsToldByWhereItSendsFromWhereTheProtocolNamesNone() throws Exception {
    byte[] packet = Ddp.data(9, Ddp.RGB, true, 0, new byte[] {1, 2, 3});
    try (Listener listener = Listener.open(Protocol.DDP, standIns, 0)) {
      InetSocketAddress to = listener.address();
      for (int i = 0; i < 2; i++) {
        try (DatagramSocket anybody = new DatagramSocket()) {
          anybody.send(new DatagramPacket(packet, packet.length, to));
          anybody.send(new DatagramPacket(new byte[0], 0, to));
        }
      }
      until(4);
    }
    assertThat(standIns.counts().of(Verdict.ACCEPTED)).isEqualTo(2);
    assertThat(standIns.counts().of(Verdict.REJECTED)).isEqualTo(2);
  }
}
