package bunting.files;

import bunting.core.network.NetworkPlan;
import bunting.core.network.WireFigures;
import bunting.core.plan.Assessment;
import bunting.core.show.Protocol;
import java.util.List;
import java.util.Set;

/** The patch as JSON: boxes with their addresses and universes, and every stretch of slots. */
public final class PatchJson {
  /** Columns of numbers; in the others a name such as 007 stays what it is. */
  private static final Set<String> NUMBERS =
      Set.of(
          "universe", "first_slot", "last_slot", "first_pixel", "last_pixel", "channels", "port");

  private PatchJson() {}

  /**
   * The document's bytes.
   *
   * @param rows the patch, its head first
   */
  public static byte[] of(Assessment plan, List<List<String>> rows) {
    var show = plan.reading().show();
    Protocol protocol = show.addressing().protocol();
    NetworkPlan network = NetworkPlan.of(plan.reading());
    List<String> head = rows.getFirst();
    return Json.document(
        json -> {
          json.put("formatVersion", 1)
              .put("show", show.settings().name())
              .put("protocol", protocol.id())
              .put("delivery", show.network().multicast() ? "multicast" : "unicast");
          json.list(
              "controllers",
              network.links(),
              (j, l) -> {
                j.put("id", l.box()).put("address", l.address()).put("bytes", l.bytes());
                j.list(
                    "universes",
                    l.universes(),
                    (k, u) -> {
                      k.put("universe", u);
                      if (protocol == Protocol.SACN) {
                        k.put("multicast", WireFigures.multicast(u));
                      } else if (protocol == Protocol.ARTNET) {
                        k.put("portAddress", WireFigures.portAddress(u));
                      }
                    });
              });
          json.list(
              "patch",
              rows.subList(1, rows.size()),
              (j, row) -> {
                for (int i = 0; i < head.size(); i++) {
                  String text = row.get(i);
                  if (NUMBERS.contains(head.get(i)) && text.matches("\\d{1,9}")) {
                    j.put(head.get(i), Long.parseLong(text));
                  } else {
                    j.put(head.get(i), text);
                  }
                }
              });
        });
  }
}
