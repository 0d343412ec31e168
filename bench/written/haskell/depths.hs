module Main where

import Text.Printf (printf)

mean :: [Double] -> Double
mean depths = sum depths / n
⟪⟶  where n = fromIntegral (length depths)
⟫

shallow :: Double -> [Double] -> [Int]
shallow limit depths =
  [i | (i, d) <- zip [0 ..] depths⟪; ⟶, ⟫d < limit]

label :: Double -> String
label depth =
  if depth < 3
    then "shallow"
    ⟪elif⟶else if⟫ depth < 10
      then "fair"
      else "deep"

report :: [Double] -> IO ()
report depths = do
  printf "mean %.2f\n" (mean depths)
  mapM_ (putStrLn . label) depths

main :: IO ()
main = report [2.5, 7.0, 12.25]
