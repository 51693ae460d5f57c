namespace BurlyRidge.Core.Rigs;

/// <summary>Refuses wishes that cannot be, field by field.</summary>
internal static class WishValidation
{
    private const int MostCovers = 50;
    private const int MostMoving = 100;
    private const int MostLetters = 80;
    private const double MostMoney = 1_000_000;

    public static void Check(Problems problems, Wishes wishes)
    {
        Once(problems, "wishes.lights", [.. wishes.Lights.Select(wish => wish?.Light)]);
        Once(problems, "wishes.later", [.. wishes.Later.Select(light => (LightWanted?)light)]);
        problems.Each("wishes.lights", wishes.Lights, (_, _) => { });
        problems.AtMost("wishes.coversStay", wishes.CoversStay.Count, MostCovers, PartWords.CoversToStay);
        problems.Each("wishes.coversStay", wishes.CoversStay, (path, cover) => problems.Text(path, cover, MostLetters));
        problems.AtMost("wishes.mayMove", wishes.MayMove.Count, MostMoving, PartWords.LampsThatMayMove);
        problems.Each("wishes.mayMove", wishes.MayMove, (path, id) => problems.Text(path, id, MostLetters));
        if (wishes.KitAtHand is { } kit) problems.Text("wishes.kitAtHand", kit, MostLetters);
        if (wishes.Budget is { } budget) problems.Above("wishes.budget", budget, 0, MostMoney, "");
        foreach (var (field, weight) in wishes.Weights.All()) problems.Within($"wishes.weights.{field}", weight, 0, WishWeights.Most);
    }

    private static void Once(Problems problems, string path, IReadOnlyList<LightWanted?> lights)
    {
        for (var i = 0; i < lights.Count; i++)
            if (lights[i] is not null && lights.Take(i).Contains(lights[i])) problems.Add($"{path}[{i}]", PartWords.ThatLightIsThereAlready);
    }
}
