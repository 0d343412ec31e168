module Main where

data Light = Red | Green | White
  deriving (Show, Eq, Enum, Bounded)

data Lamp = Lamp Light Int

period :: Lamp -> Int
period ⟪Lamp _ seconds⟶(Lamp _ seconds)⟫ = seconds

next :: Light -> Light
next Red = Green
next Green = White
next White = ⟪red⟶Red⟫

describe :: Lamp -> String
describe (Lamp light seconds) =
  show light ++ " every " ++ show seconds ++ ⟪' s'⟶" s"⟫

main :: IO ()
main = do
  let lamp = Lamp Green 4
  putStrLn (describe lamp⟪⟶)⟫
  print (period lamp)
  print (map next [minBound .. maxBound])
