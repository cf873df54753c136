package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.DistributionBlock;
import bunting.core.show.Joint;
import bunting.core.show.LeadHelper;
import bunting.core.show.Tail;
import bunting.core.show.Wire;
import bunting.files.codec.Field;
import bunting.files.codec.Kind;
import java.util.List;

/** The small parts of the catalogue: helpers, blocks, tails, joints. */
final class PartFields {
  private static final Field<LeadHelper, String> HELPER = CatalogueFields.id(LeadHelper::id);
  private static final Field<LeadHelper, String> HELPER_NAME =
      CatalogueFields.name(LeadHelper::name);
  private static final Field<LeadHelper, Double> REACH =
      Field.each(
          "reachM",
          "as far as data goes with it",
          Kind.number(Range.RUN_LENGTH),
          LeadHelper::reachM);
  private static final Field<LeadHelper, Double> HELPER_COST =
      CatalogueFields.cost(LeadHelper::cost);

  /** What lets data reach further. */
  static final Shape<LeadHelper> HELPERS =
      new Shape<>(
          List.of(HELPER, HELPER_NAME, REACH, HELPER_COST),
          v ->
              new LeadHelper(
                  v.of(HELPER),
                  v.maybe(HELPER_NAME).orElse(v.of(HELPER)),
                  v.of(REACH),
                  v.of(HELPER_COST)));

  private static final Field<DistributionBlock, String> BLOCK =
      CatalogueFields.id(DistributionBlock::id);
  private static final Field<DistributionBlock, String> BLOCK_NAME =
      CatalogueFields.name(DistributionBlock::name);
  private static final Field<DistributionBlock, Integer> WAYS =
      Field.each(
          "ways", "outputs of it", Kind.whole(Range.between(1, 1_000)), DistributionBlock::ways);
  private static final Field<DistributionBlock, Double> WAY_AMPS =
      Field.each("wayAmpsMax", "of one way", some(1_000), DistributionBlock::wayAmpsMax);
  private static final Field<DistributionBlock, Double> ALL_AMPS =
      Field.each("ampsMax", "of all together", some(10_000), DistributionBlock::ampsMax);
  private static final Field<DistributionBlock, Double> TERMINAL =
      Field.each(
          "terminalMm2Max",
          "the thickest wire that it takes",
          some(100),
          DistributionBlock::terminalMm2Max);
  private static final Field<DistributionBlock, Double> BLOCK_COST =
      CatalogueFields.cost(DistributionBlock::cost);

  /** What divides a supply among its feeds. */
  static final Shape<DistributionBlock> BLOCKS =
      new Shape<>(
          List.of(BLOCK, BLOCK_NAME, WAYS, WAY_AMPS, ALL_AMPS, TERMINAL, BLOCK_COST),
          v ->
              new DistributionBlock(
                  v.of(BLOCK),
                  v.maybe(BLOCK_NAME).orElse(v.of(BLOCK)),
                  v.of(WAYS),
                  v.of(WAY_AMPS),
                  v.of(ALL_AMPS),
                  v.of(TERMINAL),
                  v.of(BLOCK_COST)));

  private static final Field<Tail, String> TAIL = CatalogueFields.id(Tail::id);
  private static final Field<Tail, Wire> WIRE =
      Field.each(
          "wire",
          "its size",
          Kind.written(
              "a wire that may be fused, such as 20AWG",
              t -> Wire.parse(t).filter(w -> w.fuseAmpsMax() > 0),
              Wire::id,
              Wire::id),
          Tail::wire);
  private static final Field<Tail, Double> LENGTH =
      Field.each("lengthM", "of it", some(10), Tail::lengthM);
  private static final Field<Tail, Double> TAIL_COST = CatalogueFields.cost(Tail::cost);

  /** What a thick cable ends in on the pads of a strip. */
  static final Shape<Tail> TAILS =
      new Shape<>(
          List.of(TAIL, WIRE, LENGTH, TAIL_COST),
          v -> new Tail(v.of(TAIL), v.of(WIRE), v.of(LENGTH), v.of(TAIL_COST)));

  private static final Field<Joint, String> JOINT = CatalogueFields.id(Joint::id);
  private static final Field<Joint, String> JOINT_NAME = CatalogueFields.name(Joint::name);
  private static final Field<Joint, Double> JOINT_AMPS =
      Field.each("ampsMax", "that it bears", some(1000), Joint::ampsMax);
  private static final Field<Joint, Double> JOINT_COST = CatalogueFields.cost(Joint::cost);

  /** What a feed between packs is joined on with. */
  static final Shape<Joint> JOINTS =
      new Shape<>(
          List.of(JOINT, JOINT_NAME, JOINT_AMPS, JOINT_COST),
          v ->
              new Joint(
                  v.of(JOINT),
                  v.maybe(JOINT_NAME).orElse(v.of(JOINT)),
                  v.of(JOINT_AMPS),
                  v.of(JOINT_COST)));

  private PartFields() {}

  /** Over nothing, up to so much. */
  private static Kind<Double> some(double most) {
    return Kind.number(Range.aboveTo(0, most));
  }
}
