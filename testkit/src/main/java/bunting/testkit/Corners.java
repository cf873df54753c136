package bunting.testkit;

/** Places along corners, worked out apart from the planner. */
final class Corners {
  private Corners() {}

  /** The point at a share of the way along corners such as {@code 0 0; 4 0; 4 2.5}. */
  static double[] at(String course, double share) {
    String[] texts = course.split(";", -1);
    double[][] corners = new double[texts.length][];
    double[] reached = new double[texts.length];
    for (int i = 0; i < texts.length; i++) {
      String[] xy = texts[i].strip().split(" ", -1);
      corners[i] = new double[] {Double.parseDouble(xy[0]), Double.parseDouble(xy[1])};
      if (i > 0) {
        double dx = corners[i][0] - corners[i - 1][0];
        double dy = corners[i][1] - corners[i - 1][1];
        reached[i] = reached[i - 1] + Math.sqrt(dx * dx + dy * dy);
      }
    }
    double wanted = share * reached[texts.length - 1];
    int leg = 1;
    while (leg < texts.length - 1 && reached[leg] < wanted) {
      leg++;
    }
    double length = reached[leg] - reached[leg - 1];
    double t = length == 0 ? 0 : (wanted - reached[leg - 1]) / length;
    return new double[] {
      corners[leg - 1][0] + t * (corners[leg][0] - corners[leg - 1][0]),
      corners[leg - 1][1] + t * (corners[leg][1] - corners[leg - 1][1])
    };
  }
}
