using BurlyRidge.Core.Bench;
using CsCheck;

namespace BurlyRidge.Core.Tests.Bench;

/// <summary>Pieces on reels: against every way that there is where they are few, against bounds where they are many.</summary>
public class ReelPackingTests
{
    private const int Reel = 1000;

    private static readonly Gen<int> Piece = Gen.Int[20, Reel];

    /// <summary>The fewest reels by trying every way: each piece into each reel so far, or a new one.</summary>
    private static int Fewest(int[] pieces, int reel)
    {
        var best = pieces.Length;
        void Try(int piece, List<int> room)
        {
            if (room.Count >= best) return;
            if (piece == pieces.Length)
            {
                best = room.Count;
                return;
            }
            for (var i = 0; i < room.Count; i++)
            {
                if (room[i] < pieces[piece]) continue;
                room[i] -= pieces[piece];
                Try(piece + 1, room);
                room[i] += pieces[piece];
            }
            room.Add(reel - pieces[piece]);
            Try(piece + 1, room);
            room.RemoveAt(room.Count - 1);
        }
        if (pieces.Length > 0) Try(0, []);
        return best;
    }

    private static int FirstFitDecreasing(IEnumerable<int> pieces, int reel)
    {
        var room = new List<int>();
        foreach (var piece in pieces.OrderDescending())
        {
            var at = room.FindIndex(left => left >= piece);
            if (at < 0) room.Add(reel - piece);
            else room[at] -= piece;
        }
        return room.Count;
    }

    private static void HangsTogether(Packing packing, int[] pieces)
    {
        Assert.Equal(Enumerable.Range(0, pieces.Length), packing.Lengths.SelectMany(length => length.Pieces).Order());
        Assert.All(packing.Lengths, length =>
        {
            Assert.True(length.LeftMillimetres >= 0);
            Assert.Equal(length.Millimetres, length.Pieces.Sum(i => pieces[i]) + length.LeftMillimetres);
        });
        Assert.Equal(packing.Reels, packing.Lengths.Count(length => length.Offcut is null));
        Assert.InRange(packing.LeastReels, 0, packing.Reels);
    }

    [Fact]
    public void Few_pieces_take_as_few_reels_as_every_way_that_there_is() => Piece.Array[0, 8].Sample(pieces =>
    {
        var packing = ReelPacking.Pack(pieces, Reel);
        HangsTogether(packing, pieces);
        Assert.Equal(Fewest(pieces, Reel), packing.Reels);
        Assert.Equal(packing.Reels, packing.LeastReels);
    }, iter: 200);

    [Fact]
    public void Many_pieces_take_no_more_than_first_fit_decreasing_and_no_fewer_than_the_bound() => Piece.Array[13, 60].Sample(pieces =>
    {
        var packing = ReelPacking.Pack(pieces, Reel);
        HangsTogether(packing, pieces);
        Assert.InRange(packing.Reels, Math.Max(packing.LeastReels, (pieces.Sum() + Reel - 1) / Reel), FirstFitDecreasing(pieces, Reel));
    }, iter: 100);

    /// <summary>Where first fit decreasing takes four reels and three do (Johnson's kind of example; from memory).</summary>
    [Fact]
    public void What_first_fit_decreasing_misses_is_found()
    {
        int[] pieces = [44, 24, 24, 22, 21, 17, 8, 8, 6, 6];
        Assert.Equal(4, FirstFitDecreasing(pieces, 61));
        Assert.Equal(3, ReelPacking.Pack(pieces, 61).Reels);
    }

    [Fact]
    public void More_than_fit_the_exact_way_are_searched_too()
    {
        // The same ten, and two reels that others fill: 13 pieces and more are not tried in every way.
        int[] pieces = [44, 24, 24, 22, 21, 17, 8, 8, 6, 6, 61, 40, 21, 30, 31];
        Assert.Equal(6, ReelPacking.Pack(pieces, 61).Reels);
    }

    /// <summary>By hand: three of 600 cannot lie together, whatever the sum says.</summary>
    [Fact]
    public void The_bound_sees_pieces_that_cannot_lie_together()
    {
        Assert.Equal(3, ReelPacking.LowerBound([600, 600, 600], Reel));
        Assert.Equal(2, ReelPacking.LowerBound([500, 500, 500, 500], Reel));
        Assert.Equal(3, ReelPacking.LowerBound([700, 700, 400, 400], Reel));
    }

    [Fact]
    public void Offcuts_at_hand_go_first_the_one_that_is_filled_best()
    {
        var packing = ReelPacking.Pack([300, 250, 900], Reel, [260, 400]);
        HangsTogether(packing, [300, 250, 900]);
        Assert.Equal([(0, 10), (1, 100)], packing.Lengths.Where(length => length.Offcut is not null).Select(length => (length.Offcut!.Value, length.LeftMillimetres)));
        Assert.Equal(1, packing.Reels);
    }

    [Theory]
    [InlineData(1001)]
    [InlineData(0)]
    [InlineData(-5)]
    public void A_piece_that_no_reel_gives_is_refused(int piece) => Assert.Throws<ArgumentException>(() => ReelPacking.Pack([piece], Reel));
}
