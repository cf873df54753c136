package bunting.desktop.addresses;

import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.SlotSplit;

/** Policies as people read them. */
final class Names {
  private Names() {}

  static String of(Protocol protocol) {
    return switch (protocol) {
      case SACN -> "sACN";
      case ARTNET -> "Art-Net";
      case DDP -> "DDP";
    };
  }

  static String of(SlotSplit split) {
    return switch (split) {
      case WHOLE_PIXELS -> "whole pixels";
      case FULL_UNIVERSE -> "all 512 slots";
    };
  }

  static String of(PortStart start) {
    return switch (start) {
      case CONTINUOUS -> "go on after the port before";
      case NEW_UNIVERSE -> "fresh universe each";
    };
  }
}
