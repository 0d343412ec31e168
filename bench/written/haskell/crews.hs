module Main where

import Data.Char (toUpper)

data Rank = Deckhand | Mate | Captain
  deriving (Eq, Ord, Show⟪⟶, Enum, Bounded⟫)

data Member = Member String Rank Int

pay :: Member -> Double
pay (Member _ rank hours) = rate rank * ⟪hours⟶fromIntegral hours⟫
  where
    rate Deckhand = 12.5
    rate Mate = 18
    rate Captain = 25

shout :: String -> String
shout = map ⟪ToUpper⟶toUpper⟫

above :: Rank -> [Rank]
above rank = filter (> rank) [minBound .. maxBound]

introduce :: Member -> String
introduce (Member name rank _) ⟪->⟶=⟫ shout name ++ ", " ++ show rank

promote :: Member -> Member
promote (Member name rank hours)
  | rank == Captain = Member name rank hours
  | otherwise = Member name ⟪succ rank⟶(succ rank)⟫ hours

main :: IO ()
main = do
  let crew = [Member "Berg" Mate 40, Member "Lund" Deckhand 32]
  mapM_ (putStrLn . introduce . promote) crew
  print (sum (map pay crew))
  print (above ⟪mate⟶Mate⟫)
