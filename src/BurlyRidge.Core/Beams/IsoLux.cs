using System.Globalization;
using System.Text;

namespace BurlyRidge.Core.Beams;

/// <summary>A line of equal lux on the plan.</summary>
/// <param name="Path">As SVG has it: across ahead of the front, down right of the middle, m.</param>
public sealed record IsoLine(double Lux, string Path);

/// <summary>Lines of equal lux through the middles of squares: marching squares, straight in the logarithm of the light.</summary>
internal static class IsoLux
{
    /// <summary>Those that are drawn, lx.</summary>
    public static IReadOnlyList<double> Levels { get; } = [0.25, 1, 3, 5, 10, 50];

    /// <summary>So much counts as dark, lx.</summary>
    private const double Dark = 1e-4;

    /// <summary>All of them, the near grid where it is, the far one beyond.</summary>
    public static IReadOnlyList<IsoLine> Of(GroundLight light) => [.. Levels.AsParallel().AsOrdered().Select(level => new IsoLine(level, Path(level, light)))];

    private static string Path(double level, GroundLight light)
    {
        var path = new StringBuilder();
        var near = light.Near;
        Trace(path, level, near, (_, _) => true);
        double ahead = near.Ahead + near.Rows * near.Step, side = -near.Right;
        Trace(path, level, light.Far, (x, y) => x > ahead || x < near.Ahead || Math.Abs(y) > side);
        return path.ToString();
    }

    private static void Trace(StringBuilder path, double level, LuxGrid grid, Func<double, double, bool> counts)
    {
        var limit = Math.Log(level);
        double Over(int row, int column) => Math.Log(Math.Max(Dark, grid.At(row, column))) - limit;
        var next = new Dictionary<(int, int, bool), List<(int, int, bool)>>();
        var points = new Dictionary<(int, int, bool), (double X, double Y)>();
        for (var row = 0; row + 1 < grid.Rows; row++)
            for (var column = 0; column + 1 < grid.Columns; column++)
            {
                double a = Over(row, column), b = Over(row, column + 1), c = Over(row + 1, column + 1), d = Over(row + 1, column);
                var kind = (a > 0 ? 1 : 0) | (b > 0 ? 2 : 0) | (c > 0 ? 4 : 0) | (d > 0 ? 8 : 0);
                if (kind is 0 or 15) continue;
                var (x, y) = grid.Middle(row, column);
                if (!counts(x + grid.Step / 2, y + grid.Step / 2)) continue;
                // Sides of the square: rear, right, front, left, each named by the square that it is the rear or left side of.
                (int, int, bool) rear = (row, column, true), front = (row + 1, column, true), left = (row, column, false), right = (row, column + 1, false);
                points[rear] = (x, y + grid.Step * a / (a - b));
                points[front] = (x + grid.Step, y + grid.Step * d / (d - c));
                points[left] = (x + grid.Step * a / (a - d), y);
                points[right] = (x + grid.Step * b / (b - c), y + grid.Step);
                var middle = a + b + c + d > 0;
                foreach (var (one, other) in kind switch
                {
                    1 or 14 => [(left, rear)],
                    2 or 13 => [(rear, right)],
                    4 or 11 => [(right, front)],
                    8 or 7 => [(front, left)],
                    3 or 12 => [(left, right)],
                    6 or 9 => [(rear, front)],
                    5 => middle ? [(left, front), (rear, right)] : new[] { (left, rear), (right, front) },
                    _ => middle ? [(left, rear), (right, front)] : new[] { (rear, right), (front, left) },
                })
                {
                    Join(one, other);
                    Join(other, one);
                }
            }
        Chain(path, next, points);

        void Join((int, int, bool) one, (int, int, bool) other)
        {
            if (next.TryGetValue(one, out var there)) there.Add(other);
            else next[one] = [other];
        }
    }

    /// <summary>Follows the pieces from end to end, open lines first.</summary>
    private static void Chain(StringBuilder path, Dictionary<(int, int, bool), List<(int, int, bool)>> next, Dictionary<(int, int, bool), (double X, double Y)> points)
    {
        foreach (var start in next.Keys.OrderBy(key => next[key].Count).ToList())
        {
            if (next[start].Count == 0) continue;
            var at = start;
            Put('M', at);
            while (next[at].Count > 0)
            {
                var to = next[at][^1];
                next[at].RemoveAt(next[at].Count - 1);
                next[to].Remove(at);
                Put('L', to);
                at = to;
            }
        }

        void Put(char how, (int, int, bool) at) => path.Append(how).Append(Text(points[at].X)).Append(' ').Append(Text(points[at].Y));
    }

    private static string Text(double metres) => Math.Round(metres, 2).ToString(CultureInfo.InvariantCulture);
}
