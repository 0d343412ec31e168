module Main where

data Point = Point Int Int deriving (Show, Eq)
data Move = North | East | South | West deriving (Show, Enum, Bounded)

step :: Move -> Point -> Point
step North (Point x y) = Point x (y + 1)
step East (Point x y) = Point (x + 1⟪⟶)⟫ y
step South (Point x y) = Point x (y - 1)
step West ⟪Point x y⟶(Point x y)⟫ = Point (x - 1) y

walk :: Point -> [Move] -> [Point]
walk p [] = [p]
walk p (m:ms) = p ⟪++⟶:⟫ walk (step m p) ms

dist :: Point -> Point -> Double
dist (Point a b) (Point c d) = sqrt (dx * dx + dy * dy)
  where
    dx = fromIntegral (a - c)
    dy = ⟪fromInteger⟶fromIntegral⟫ (b - d)

blocked :: [Point] -> Point -> Bool
blocked rocks p = p ⟪in⟶`elem`⟫ rocks

main :: IO ()
main = do
  let start = Point 0 0
      path = walk start [North, North, East]
      rocks = [Point 1 1]
  print path
  print (dist start (last path))
  ⟪for_⟶mapM_⟫ print (filter (blocked rocks) path)
  putStrLn ("moves: " ++ show [minBound .. maxBound :: Move])
