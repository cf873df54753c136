package bunting.wire.send;

import bunting.core.patch.LightMap;
import bunting.wire.packet.Ddp;
import java.util.ArrayList;
import java.util.List;

/**
 * All lights of a plan as bytes, counted through from its first pixel. A packet carries whole
 * pixels of one kind; the last of a frame tells that it is complete.
 */
final class DdpFrames implements FramePackets {
  /** Bytes of the plan that go into one packet. */
  private record Span(int from, int to, int type) {}

  private final LightMap map;
  private final List<Span> spans = new ArrayList<>();
  private int sequence;

  DdpFrames(LightMap map) {
    this.map = map;
    int piece = 0;
    while (piece < map.pieces().size()) {
      int channels = map.pieces().get(piece).channels();
      int from = map.firstByte(piece);
      while (piece < map.pieces().size() && map.pieces().get(piece).channels() == channels) {
        piece++;
      }
      int end = piece < map.pieces().size() ? map.firstByte(piece) : map.bytes();
      int most = Ddp.DATA_MAX / channels * channels;
      for (; from < end; from += most) {
        spans.add(new Span(from, Math.min(end, from + most), Ddp.type(channels)));
      }
    }
  }

  @Override
  public int count() {
    return spans.size();
  }

  @Override
  public byte[] packet(int index, byte[] frame) {
    Span span = spans.get(index);
    byte[] data = new byte[span.to() - span.from()];
    int piece = map.pieceOfByte(span.from());
    int at = span.from() - map.firstByte(piece);
    for (int i = 0; i < data.length; i++) {
      while (at == map.bytes(piece)) {
        piece++;
        at = 0;
      }
      int slot = map.slotOfByte(piece, at++);
      data[i] = slot < 0 ? 0 : frame[slot];
    }
    sequence = sequence % Ddp.SEQUENCE_MAX + 1;
    return Ddp.data(sequence, span.type(), index == spans.size() - 1, span.from(), data);
  }

  @Override
  public int target(int index) {
    return 0;
  }

  @Override
  public int farewells() {
    return 0;
  }

  @Override
  public byte[] farewell(int index, byte[] frame) {
    return packet(index, frame);
  }
}
