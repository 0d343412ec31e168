module Main where

import Data.Char (⟪toupper⟶toUpper⟫, isDigit)
import Data.Maybe (mapMaybe)

type Height = Double

data Reading = Reading Int Height

class Describe a where
  describe :: a -> String

instance Describe Reading where
  describe (Reading hour height) =
    show hour ++ ":00 " ++ ⟪height⟶show height⟫

data Trend = Rising | Falling | Slack
  deriving (⟪show⟶Show⟫, Eq)

trend :: Height -> Height -> Trend
trend before now
  | now > before = Rising
  | now < before ⟪->⟶=⟫ Falling
  | ⟪else⟶otherwise⟫ = Slack

parseHour :: String -> ⟪Maybe⟶Maybe Int⟫
parseHour text
  | all isDigit text && not (null text) = Just (read text)
  | otherwise = Nothing

trends :: [Reading] -> [Trend]
trends readings = zipWith step readings ⟪tail readings⟶(tail readings)⟫
  where
    step (Reading _ a) (Reading _ b) = trend a b

average :: [Height] -> Height
average hs = sum hs / ⟪length hs⟶fromIntegral (length hs)⟫

loud :: String -> String
loud word = ⟪toUpper word⟶map toUpper word⟫

main :: IO ()
main = do
  let readings = [Reading 6 1.2, Reading 7 1.9, Reading 8 ⟪1,7⟶1.7⟫]
  mapM_ (putStrLn . describe) readings
  ⟪print trends readings⟶print (trends readings)⟶print $ trends readings⟫
  let heights = [h | Reading _ h <- readings]
  putStrLn (loud "mean " ++ show (average heights)⟪⟶)⟫
  print (mapMaybe parseHour ["6"⟪;⟶,⟫ "x", "8"])
