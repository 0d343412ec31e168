module Main where

import Text.Read (readMaybe)

data Report = Report { hour :: Int, metres :: Int }

parse :: String -> Maybe Report
parse line = case words line of
    [h, m] -> do
        hour' <- readMaybe h
        metres' <- readMaybe m
        ⟪Report hour' metres'⟶return (Report hour' metres')⟶Just (Report hour' metres')⟶pure (Report hour' metres')⟫
    _ -> Nothing

foggy :: Report -> Bool
foggy r = metres r < 1000

average :: [Report] -> Double
average [] = 0
average rs = fromIntegral (sum (map metres rs)) / ⟪length rs⟶fromIntegral (length rs)⟫

worst :: [Report] -> Report
worst (r : rs) = go r rs
  where
    go best [] = best
    go best (x : xs)
        | metres x < metres best = go x xs
        | ⟪⟶otherwise ⟶True ⟫= go best xs
worst [] = Report 0 0

main :: IO ()
main = do
    let inputs = ["4 800", "5 1200", "six 90", "7 640"]
        reports = [r | Just r <- ⟪map parse⟶map parse inputs⟫]
    putStrLn ("reports: " ++ show (length reports))
    print (average reports)
    print (hour (worst reports⟪⟶)⟫)
    if any foggy reports ⟪⟶then ⟫putStrLn "sound the horn" else putStrLn "clear"
