module Main where

import Data.Char (toUpper)
import qualified Data.Map.Strict as Map

data Zone = Inner | Outer⟪, Island⟶ | Island⟫
  deriving (Eq, Ord, Show)

type Fares = Map.Map Zone Double

fares :: Fares
fares = Map.fromList
  [ (Inner, 2.5)
  , (Outer, 4)
  , (Island⟪ 7.5⟶, 7.5⟫)
  ]

fare :: Zone -> Int -> Maybe Double
fare zone n = case Map.lookup zone fares of
  Just f -> ⟪f * fromIntegral n⟶Just (f * fromIntegral n)⟶≡Just $ f * fromIntegral n⟶≡return (f * fromIntegral n)⟫
  Nothing -> Nothing

shout :: String -> String
shout s = map toUpper s ++ ⟪'!'⟶"!"⟫

total :: [(Zone, Int)] -> Double
total [] = 0
total ((z, n) : rest) =
  case fare z n of
    Just f -> f + total rest
    Nothing -> total rest

line :: (Zone, Int) -> String
line (z⟪. ⟶, ⟫n) = show z ++ " x" ++ show n

main :: IO ()
main = do
  let trips = [(Inner, 2), (Island, 1)]
  mapM_ (putStrLn . line) ⟪trip⟶trips⟫
  putStrLn (shout "total ")
  if total trips ⟪=>⟶>=⟫ 10
    then putStrLn "dear"
    else putStrLn "cheap"
