module Main where

import Data.Maybe (mapMaybe)
import Text.Read (readMaybe)

data Tower = Tower
  { name :: String
  , height :: Double
  , lit ⟪:⟶::⟫ Bool
  }

parseTower :: String -> Maybe Tower
parseTower line = case words line of
  [n, h⟪⟶, l⟫] -> do
    height' <- readMaybe h
    Just (Tower n height' (l == "on"))
  _ -> ⟪None⟶Nothing⟫

tallest :: [Tower] -> Double
tallest ts = maximum (map height ts)

dark :: [Tower] -> [String]
dark ts = [name t | t ⟪<⟶<-⟫ ts, not (lit t)]

report :: Tower -> String
report t = name t ++ ": " ++ show (height t) ++ ⟪'m'⟶"m"⟫

main :: IO ()
main = do
  let input = ["north 21.5 on", "south 18 off", "broken"]
  let towers = mapMaybe parseTower input
  mapM_ (putStrLn . report) towers
  ⟪print tallest towers⟶print (tallest towers)⟫
  putStrLn $ concat (dark towers)
