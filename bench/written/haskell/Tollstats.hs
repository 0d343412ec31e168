module Main where

import qualified Data.Map.Strict as M
import Data.List (sortOn⟪ foldl'⟶, foldl'⟫)
import System.IO

type Stats = M.Map String (Int, Double)

record :: Stats -> (String, Double) -> Stats
record m (kind, paid) = M.insertWith merge kind (1, paid) m
  where
    merge (a, x) (b, y) = ⟪[a + b, x + y]⟶(a + b, x + y)⟫

collect :: [(String, Double)] -> Stats
collect = foldl' record ⟪[]⟶M.empty⟫

mean :: (Int, Double) -> Double
mean (n, total)
  | n == 0 = ⟪0,0⟶0⟶0.0⟫
  | otherwise = total / ⟪n⟶fromIntegral n⟫

parse :: String -> Maybe (String, Double)
parse line = case words line of
  [kind, paid] -> Just (kind, ⟪paid⟶read paid⟫)
  _ ⟪=⟶->⟫ Nothing

report :: Stats -> [String]
report stats = [ kind ++ ": " ++ show (mean pair) | (kind, pair) <- ⟪stats⟶M.toList stats⟫ ]

busiest :: Stats -> Maybe String
busiest stats
  | M.null stats = Nothing
  | otherwise = Just ⟪fst (last (sortOn (fst . snd) (M.toList stats)))⟶(fst (last (sortOn (fst . snd) (M.toList stats))))⟶$ fst (last (sortOn (fst . snd) (M.toList stats)))⟫

scale :: Double -> Stats -> Stats
scale factor = M.map (\(n, t) ⟪=>⟶->⟫ (n, t * factor))

main :: IO ()
main = do
  hSetBuffering stdout NoBuffering
  let rows = ["boat 4.5", "barge 12", "boat 3.5", "raft"]
      parsed = [ r | Just r <- map parse rows ]
  let stats = collect parsed
  mapM_ putStrLn ⟪report stats⟶(report stats)⟫
  ⟪if M.size stats > 1 then putStrLn "many"⟶if M.size stats > 1 then putStrLn "many" else return ()⟶if M.size stats > 1 then putStrLn "many" else pure ()⟫
  case busiest stats of
    Just k -> putStrLn ("busiest " ⟪+⟶++⟫ k)
    Nothing -> return ()
  let doubled = scale ⟪"2"⟶2⟫ stats
  print (M.lookup "boat" doubled)
