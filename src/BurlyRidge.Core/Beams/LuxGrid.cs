namespace BurlyRidge.Core.Beams;

/// <summary>Light on the ground in squares: how much in the middle of each, lx.</summary>
/// <param name="Ahead">Of its first row of squares, their rear edge, m ahead of the front.</param>
/// <param name="Right">Of its first column, their left edge, m right of the middle.</param>
/// <param name="Step">Side of a square, m.</param>
/// <param name="Columns">Squares from left to right.</param>
/// <param name="Lux">Row by row from the rear, each from the left.</param>
public sealed record LuxGrid(double Ahead, double Right, double Step, int Rows, int Columns, IReadOnlyList<double> Lux)
{
    /// <summary>Middle of a square.</summary>
    public (double Ahead, double Right) Middle(int row, int column) => (Ahead + (row + 0.5) * Step, Right + (column + 0.5) * Step);

    /// <summary>In one square, lx.</summary>
    public double At(int row, int column) => Lux[row * Columns + column];
}

/// <summary>Light on the ground: fine near the vehicle, coarse beyond.</summary>
/// <param name="Lumens">That each lamp brings to the ground of the plan, in the order of the lamps, lm.</param>
public sealed record GroundLight(LuxGrid Near, LuxGrid Far, IReadOnlyList<double> Lumens)
{
    /// <summary>The plan reaches so far behind the rear, ahead of the front and to each side, m.</summary>
    public const double BehindMetres = 20, AheadMetres = 200, SideMetres = 40;

    /// <summary>So far from the vehicle it is fine, m.</summary>
    public const double NearMetres = 30;

    private const double FineStep = 0.25, FarStep = 1, CoarseTimes = 4;

    /// <summary>Works it out on every processor.</summary>
    /// <param name="rear">The rear of the vehicle, m ahead of its front: below nothing.</param>
    /// <param name="coarse">In squares four times as long: while somebody drags.</param>
    public static GroundLight Of(LitScene scene, double rear, bool coarse, CancellationToken cancellation = default)
    {
        var times = coarse ? CoarseTimes : 1;
        var sums = new double[scene.Count];
        var behind = Math.Floor(rear - BehindMetres);
        var near = Grid(behind, NearMetres, NearMetres, FineStep * times);
        var far = Grid(behind, AheadMetres, SideMetres, FarStep * times);
        Fill(scene, near.Grid, near.Lux, sums, null, cancellation);
        Fill(scene, far.Grid, far.Lux, sums, near.Grid, cancellation);
        return new GroundLight(near.Grid, far.Grid, sums);
    }

    /// <summary>The whole plan in the finest squares, lamps split everywhere, by a plain loop: what the other is held against.</summary>
    public static GroundLight Plain(LitScene scene, double rear)
    {
        var sums = new double[scene.Count];
        var (grid, lux) = Grid(Math.Floor(rear - BehindMetres), AheadMetres, SideMetres, FineStep);
        for (var row = 0; row < grid.Rows; row++)
            for (var column = 0; column < grid.Columns; column++)
            {
                var (ahead, right) = grid.Middle(row, column);
                for (var lamp = 0; lamp < scene.Count; lamp++)
                {
                    var gives = scene.Lux(lamp, scene.Ground.At(ahead, right), scene.Ground.Normal(ahead), whole: true);
                    lux[row * grid.Columns + column] += gives;
                    sums[lamp] += gives * grid.Step * grid.Step;
                }
            }
        return new GroundLight(grid, grid, sums);
    }

    private static (LuxGrid Grid, double[] Lux) Grid(double from, double to, double side, double step)
    {
        var (rows, columns) = ((int)Math.Ceiling((to - from) / step), (int)Math.Round(2 * side / step));
        var lux = new double[rows * columns];
        return (new LuxGrid(from, -side, step, rows, columns, lux), lux);
    }

    /// <summary>Fills squares, and adds up what each lamp gives outside of a finer grid.</summary>
    private static void Fill(LitScene scene, LuxGrid grid, double[] lux, double[] sums, LuxGrid? finer, CancellationToken cancellation)
    {
        var lamps = scene.Count;
        if (lamps == 0) return;
        Parallel.For(0, grid.Rows, new ParallelOptions { CancellationToken = cancellation }, () => new double[lamps], (row, _, mine) =>
        {
            for (var column = 0; column < grid.Columns; column++)
            {
                var (ahead, right) = grid.Middle(row, column);
                var (point, normal) = (scene.Ground.At(ahead, right), scene.Ground.Normal(ahead));
                var counts = finer is null || ahead < finer.Ahead || ahead > finer.Ahead + finer.Rows * finer.Step || Math.Abs(right) > -finer.Right;
                var all = 0.0;
                for (var lamp = 0; lamp < lamps; lamp++)
                {
                    var gives = scene.Lux(lamp, point, normal);
                    all += gives;
                    if (counts) mine[lamp] += gives * grid.Step * grid.Step;
                }
                lux[row * grid.Columns + column] = all;
            }
            return mine;
        }, mine =>
        {
            lock (sums)
                for (var lamp = 0; lamp < lamps; lamp++) sums[lamp] += mine[lamp];
        });
    }
}
