module Main where

class Paid a where
  pay :: a -> Double
  who :: a -> String

data Pilot = Pilot String Int
data Master = Master String Int Double

instance Paid Pilot where
  pay (Pilot _ trips) = 12 * fromIntegral trips
  who (Pilot name _) = name

instance Paid Master where
  pay (Master _ trips extra) = 18 * ⟪trips⟶fromIntegral trips⟫ + extra
  who (Master name _⟪⟶ _⟫) = name

slip :: ⟪⟶Paid a => ⟫a -> String
slip one = who one ++ " " ++ show (pay one)

main :: IO ()
main = do
  putStrLn (slip (Pilot "Ines" 4))
  putStrLn (slip (Master "Tove" 6⟪⟶ 40⟫))
